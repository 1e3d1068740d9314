export { PassScreen as default } from '@/features/measure/PassScreen';
