export { Photos, PictureOf } from './Photos';
export { pickFile } from './pick-file';
