import { Suspense, lazy, type ComponentProps } from 'react';
import type * as Pieces from './pieces';
import type { Item, SortableProps } from './sortable';

/*
 * Dragging for the walk, the week board and what is behind walls. Their library is one piece of its own, fetched with the first of them: a
 * module that two screens share would otherwise be in what every screen loads.
 */
const pieces = () => import('./pieces');
const LazySlideAlong = lazy(async () => ({ default: (await pieces()).SlideAlong }));
const LazyPlaceOn = lazy(async () => ({ default: (await pieces()).PlaceOn }));
const LazySortable = lazy(async () => ({ default: (await pieces()).Sortable }));

/** Stands inside {@link SlideAlong}, which waits for it. */
export const SlideHandle = lazy(async () => ({ default: (await pieces()).SlideHandle }));

export const SlideAlong = (props: ComponentProps<typeof Pieces.SlideAlong>) => (
  <Suspense fallback={null}>
    <LazySlideAlong {...props} />
  </Suspense>
);

/** Stands inside {@link PlaceOn}, which waits for it. */
export const PlaceHandle = lazy(async () => ({ default: (await pieces()).PlaceHandle }));

export const PlaceOn = (props: ComponentProps<typeof Pieces.PlaceOn>) => (
  <Suspense fallback={null}>
    <LazyPlaceOn {...props} />
  </Suspense>
);

export const Sortable = <T extends Item>(props: SortableProps<T>) => (
  <Suspense fallback={null}>
    {/* A lazy component forgets that its children take the same items it is given. */}
    <LazySortable {...(props as unknown as SortableProps<Item>)} />
  </Suspense>
);
