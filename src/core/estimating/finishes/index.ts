export { CATALOGUE, findProduct, offeredFor, productsOf } from './catalogue';
export { openingsOf, quoteFor, settleMaterial, slotsAsked, takeoffFor } from './finished';
export {
  layFloorPlanks,
  layFloorTiles,
  laySheets,
  sheetLengths,
  type Laid,
  type PlankWay,
} from './laid';
export { inCans, batchOf, wholeCans } from './batch';
export { type FinishQuote } from './quote-schema';
export { type Batch } from '../../trade/steps/batch';
