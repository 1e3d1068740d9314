import type { ReactNode } from 'react';
import { selectSession, useAppSelector } from '@/store';
import { useTheme } from '@/ui';

/** Puts the chosen theme on the page. */
export function ThemeRoot({ children }: { children: ReactNode }) {
  useTheme(useAppSelector(selectSession).settings.theme);
  return <>{children}</>;
}
