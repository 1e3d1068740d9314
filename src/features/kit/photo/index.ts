export { Photos, PictureOf, usePicture } from './Photos';
export { pickFile } from './pick-file';
