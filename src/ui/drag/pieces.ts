export { SlideAlong, SlideHandle } from './slide-along';
export { Sortable } from './sortable';
export { PlaceHandle, PlaceOn } from './place-on';
