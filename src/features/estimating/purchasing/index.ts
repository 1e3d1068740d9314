export { CutsScreen } from './CutsScreen';
export { ShopListScreen } from './ShopListScreen';
