export { SlideAlong, SlideHandle } from './slide-along';
export { Sortable } from './sortable';
