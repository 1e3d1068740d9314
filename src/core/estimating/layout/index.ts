export {
  extentOfSurface,
  flipped,
  floorSurface,
  rectangleSurface,
  spansAt,
  surfaceArea,
  turned,
  wallSurface,
  type Box,
  type Surface,
} from './surface';
export type { SheetLayout, SheetRules } from './sheet';
export { shareSheets } from './sheet-cuts';
export type { Folded } from './sheet-rows';
export { layoutRoom, layoutSheets } from './sheets';
export { layoutPlanks, rowFaces, type PlankLayout } from './planks';
export { layoutTiles, startAlong } from './tiles';
