export { fileErrorSchema, type FileError } from './file-error';
export {
  FILE_VERSION,
  projectFileParts,
  readProjectFile,
  writeProjectFile,
  type FilePart,
  type ProjectFile,
  type ReadProject,
} from './project-file';
export { HouseZip, houseTextOf, isZip, readHouseFile, type ZipEntry } from './zip';
export type { SetAside } from './sort-out';
