export { ShopListScreen as default } from '@/features/stores/ShopListScreen';
