export { Undecided } from './Undecided';
