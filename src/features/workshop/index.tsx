import { Suspense, lazy, type ComponentType } from 'react';
import { View } from 'react-native';
import { Note } from '@/ui';

type Screens = typeof import('./screens');
type PropsOf<K extends keyof Screens> = Screens[K] extends ComponentType<infer P> ? P : never;

/**
 * A screen of the workshop: measuring, finishes, layouts, cutting, sums. They share the whole takeoff, so they come
 * in one piece, when the first of them is opened.
 */
export function workshopScreen<K extends keyof Screens>(name: K): ComponentType<PropsOf<K>> {
  const Screen = lazy(async () => ({
    // Each screen has the props of its own name; the table of screens cannot say so.
    default: (await import('./screens'))[name] as unknown as ComponentType<object>,
  }));
  return function Workshop(props: PropsOf<K>) {
    return (
      <Suspense
        fallback={
          <View role="status" className="p-4">
            <Note>Fetching the workshop…</Note>
          </View>
        }
      >
        <Screen {...(props as object)} />
      </Suspense>
    );
  };
}
