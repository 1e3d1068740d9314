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
  type Point,
  type Surface,
} from './surface';
export type { SheetLayout, SheetPiece, SheetRules } from './sheet';
export { shareSheets } from './sheet-cuts';
export type { Folded } from './sheet-rows';
export { layoutRoom, layoutSheets } from './sheets';
export {
  layoutPlanks,
  rowFaces,
  type PlankLayout,
  type PlankPiece,
  type PlankRules,
} from './planks';
export {
  layoutTiles,
  startAlong,
  type TileEdge,
  type TileLayout,
  type TilePiece,
  type TileRules,
} from './tiles';
