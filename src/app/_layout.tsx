import '../global.css';
import { Slot } from 'expo-router';
import { useEffect, useState } from 'react';
import { Provider } from 'react-redux';
import {
  BuildNotice,
  KeepsNothing,
  ScreenFailed,
  ThemeRoot,
  createBrowserStore,
} from '@/features/shell';
import { measureRoom, openCurrent, watchOwnFiles } from '@/store';

/** Round every screen, and round all that stands about them: never a white page. */
export const unstable_settings = { screenErrorBoundary: ScreenFailed };
export { ScreenFailed as ErrorBoundary };

export default function RootLayout() {
  const [store] = useState(createBrowserStore);
  useEffect(() => {
    void store.dispatch(openCurrent());
    store.dispatch(watchOwnFiles());
    void store.dispatch(measureRoom());
  }, [store]);
  return (
    <Provider store={store}>
      <ThemeRoot>
        <KeepsNothing />
        <BuildNotice />
        <Slot />
      </ThemeRoot>
    </Provider>
  );
}
