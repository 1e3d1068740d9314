import { useColorScheme } from 'nativewind';
import { useLayoutEffect } from 'react';
import { useWindowDimensions } from 'react-native';
import palette from './palette.json';

export type Palette = (typeof palette)['day'];
export type ThemeChoice = 'day' | 'night' | 'system';

/** Colours as hex, for drawings; everything else uses the class names of the same tokens. */
export function usePalette(): Palette {
  const { colorScheme } = useColorScheme();
  return colorScheme === 'dark' ? palette.night : palette.day;
}

/** From this width on screens open out side by side. The same number stands in tailwind.config.js. */
const WIDE_FROM = 900;

export function useWide(): boolean {
  return useWindowDimensions().width >= WIDE_FROM;
}

/** Puts the chosen theme on the page; "system" follows the device, also when it changes at dusk. */
export function useTheme(choice: ThemeChoice): void {
  const { setColorScheme } = useColorScheme();
  useLayoutEffect(() => {
    const dark = window.matchMedia('(prefers-color-scheme: dark)');
    const apply = () => {
      const night = choice === 'night' || (choice === 'system' && dark.matches);
      setColorScheme(night ? 'dark' : 'light');
    };
    apply();
    dark.addEventListener('change', apply);
    return () => dark.removeEventListener('change', apply);
  }, [choice, setColorScheme]);
}
