export { NewPlaceScreen as default } from '@/features/house/NewPlaceScreen';
