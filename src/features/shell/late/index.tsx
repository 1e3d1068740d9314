import { Suspense, lazy, startTransition, useEffect, useState, type ComponentType } from 'react';
import { View } from 'react-native';
import { selectPlanning, useAppSelector } from '@/store';
import { Note } from '@/ui';

type Screens = typeof import('./screens');
type PropsOf<K extends keyof Screens> =
  Screens[K] extends ComponentType<infer P extends object> ? P : never;

let fetched: Screens | null = null;

const fetchLateScreens = async (): Promise<Screens> => (fetched ??= await import('./screens'));

/** What reads the lines of the strip comes with the screens: it shares the steps of the trade with them. */
export const loadReader = async (): Promise<Screens['lineReader']> =>
  (await fetchLateScreens()).lineReader;

/** The first screen and its plan come first; this long after the plan stands the rest follows. */
const FETCH_AFTER_MS = 5_000;

/** Fetches every screen behind the first while nobody waits, so that none has to be waited for. */
export function useLateScreensAhead(): void {
  const { working } = useAppSelector(selectPlanning);
  useEffect(() => {
    if (working) return;
    // What cannot be fetched now is fetched when somebody goes there.
    const timer = setTimeout(() => void fetchLateScreens().catch(() => undefined), FETCH_AFTER_MS);
    return () => clearTimeout(timer);
  }, [working]);
}

/**
 * Any screen but the first. They come in one piece, behind Today: what two pieces share would weigh on the first load,
 * and they share the steps of the trade, the takeoff and the forms (docs/decisions/020).
 */
export function lateScreen<K extends keyof Screens>(name: K): ComponentType<PropsOf<K>> {
  // Each screen has the props of its own name; the table of screens cannot say so.
  const screenOf = (screens: Screens) => screens[name] as unknown as ComponentType<object>;
  const Fetched = lazy(async () => ({ default: screenOf(await fetchLateScreens()) }));
  return inSlices<PropsOf<K>>(function Late(props) {
    // React waits a while before it draws what was lazy: what is here already is not.
    const [Screen] = useState(() => (fetched ? screenOf(fetched) : Fetched));
    return (
      <Suspense fallback={<Opening />}>
        <Screen {...(props as object)} />
      </Suspense>
    );
  });
}

/** Whether a screen was drawn before: the first one of all is drawn at once. */
let begun = false;

/** A screen whose tap is answered at once; it is drawn behind that, in slices that let other taps through. */
export function inSlices<P extends object>(Screen: ComponentType<P>): ComponentType<P> {
  return function InSlices(props: P) {
    const [drawn, setDrawn] = useState(!begun);
    useEffect(() => {
      begun = true;
      startTransition(() => setDrawn(true));
    }, []);
    return drawn ? <Screen {...props} /> : <Opening />;
  };
}

function Opening() {
  return (
    <View role="status" className="flex-1 p-4">
      <Note>Opening…</Note>
    </View>
  );
}
