export { correctedFrom, placeFrom, typedFrom, type RoomRead } from './form';
export { RoomForm } from './RoomForm';
export { KIND_NAMES, lengthWords } from './words';
