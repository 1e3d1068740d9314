export { BoardDrawing } from './BoardDrawing';
export { RoomPlan } from './RoomPlan';
export { SurfaceDrawing, type Laid } from './SurfaceDrawing';
