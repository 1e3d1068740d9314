export { CATALOGUE, findProduct, offeredFor, productsOf } from './catalogue';
export {
  openingsOf,
  quoteFor,
  settleMaterial,
  slotsAsked,
  takeoffFor,
  type Finished,
  type Settled,
} from './finished';
export {
  layFloorPlanks,
  layFloorTiles,
  laySheets,
  sheetLengths,
  type Laid,
  type PlankWay,
  type SheetChoice,
} from './laid';
export { inCans, batchOf, wholeCans, type CansBought } from './batch';
export { finishQuoteSchema, type FinishQuote } from './quote-schema';
export { batchSchema, type Batch } from '../../trade/steps/batch';
