import '../global.css';
import { Slot } from 'expo-router';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { BuildNotice, KeepsNothing, ScreenFailed, ThemeRoot, browserStore } from '@/features/shell';

/** Round every screen, and round all that stands about them: never a white page. */
export const unstable_settings = { screenErrorBoundary: ScreenFailed };
export { ScreenFailed as ErrorBoundary };

export default function RootLayout() {
  const [store] = useState(browserStore);
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
