export {
  extentOfSurface,
  flipped,
  floorSurface,
  surfaceArea,
  turned,
  wallSurface,
  type Box,
  type Point,
  type Surface,
} from './surface';
export {
  layoutSheets,
  shareSheets,
  type SheetLayout,
  type SheetPiece,
  type SheetRules,
} from './sheets';
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
