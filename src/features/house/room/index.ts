export {
  correctedFrom,
  placeFrom,
  roomFormSchema,
  typedFrom,
  type RoomRead,
  type RoomTyped,
} from './form';
export { RoomForm } from './RoomForm';
export { KIND_NAMES, lengthWords } from './words';
