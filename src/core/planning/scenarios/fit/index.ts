export { fitBefore } from './fit';
export { fitSchema, optionSchema, type Fit } from './schema';
