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
export type { SetAside } from './sort-out';
