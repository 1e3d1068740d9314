export {
  cutLists,
  nameCuts,
  planCutList,
  type CutAnswer,
  type CutList,
  type NamedBoard,
  type NamedPiece,
} from './cutlist';
export { shopLists, type ShopItem, type ShopList } from './shoplist';
export { isToOrder, orderLineSchema, type OrderLine } from './order-line';
