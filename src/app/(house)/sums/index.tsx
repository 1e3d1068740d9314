export { SumsScreen as default } from '@/features/sums/SumsScreen';
