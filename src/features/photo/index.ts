export { Photos } from './Photos';
export { pickFile } from './pick-file';
