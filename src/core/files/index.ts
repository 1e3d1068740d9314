export {
  FILE_VERSION,
  checkProjectFile,
  readProjectFile,
  writeProjectFile,
  type FileError,
  type ProjectFile,
} from './project-file';
