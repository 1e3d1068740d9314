import '../global.css';
import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_600SemiBold } from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold';
import { ZillaSlab_600SemiBold } from '@expo-google-fonts/zilla-slab/600SemiBold';
import { useFonts } from 'expo-font';
import { Slot } from 'expo-router';
import { useEffect, useState } from 'react';
import { Provider } from 'react-redux';
import { ThemeRoot, createBrowserStore } from '@/features/shell';
import { openCurrent } from '@/store';

export default function RootLayout() {
  // Text shows in the system's font until ours is there; nothing waits for it.
  useFonts({
    AtkinsonHyperlegibleNext_400Regular,
    AtkinsonHyperlegibleNext_600SemiBold,
    ZillaSlab_600SemiBold,
  });
  const [store] = useState(createBrowserStore);
  useEffect(() => {
    void store.dispatch(openCurrent());
  }, [store]);
  return (
    <Provider store={store}>
      <ThemeRoot>
        <Slot />
      </ThemeRoot>
    </Provider>
  );
}
