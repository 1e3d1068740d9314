export { TryOut } from './TryOut';
