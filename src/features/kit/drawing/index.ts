export { boxOf, frameFor } from './frame';
export { BoardDrawing } from './BoardDrawing';
export { RoomPlan } from './RoomPlan';
export { SurfaceDrawing } from './SurfaceDrawing';
