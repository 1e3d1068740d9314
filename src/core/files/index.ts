export {
  FILE_VERSION,
  projectFileParts,
  readProjectFile,
  writeProjectFile,
  type FileError,
  type FilePart,
  type ProjectFile,
  type ReadProject,
} from './project-file';
export { HouseZip, houseTextOf, isZip, readHouseFile, type ZipEntry } from './zip';
export type { SetAside } from './sort-out';
