export { HouseScreen as default } from '@/features/house/HouseScreen';
