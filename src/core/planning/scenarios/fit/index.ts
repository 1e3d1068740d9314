export { fitBefore } from './fit';
export { type Fit } from './schema';
