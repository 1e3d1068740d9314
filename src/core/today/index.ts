export { planTonight, type Tonight } from './tonight';
