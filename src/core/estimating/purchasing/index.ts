export {
  cutLists,
  nameCuts,
  planCutList,
  type CutList,
  type NamedBoard,
  type NamedPiece,
} from './cutlist';
export { shopLists, type ShopItem, type ShopList } from './shoplist';
