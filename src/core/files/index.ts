export {
  FILE_VERSION,
  readProjectFile,
  writeProjectFile,
  type FileError,
  type ProjectFile,
  type ReadProject,
} from './project-file';
export type { SetAside } from './sort-out';
