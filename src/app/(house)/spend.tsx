export { SpendScreen as default } from '@/features/spend/SpendScreen';
