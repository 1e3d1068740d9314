export { tryOut } from './try-out';
