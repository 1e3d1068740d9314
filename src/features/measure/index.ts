export { ImpactCard } from './ImpactCard';
