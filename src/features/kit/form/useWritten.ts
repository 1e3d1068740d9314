import { selectProject, selectWays, useAppSelector } from '@/store';
import type { Written } from './read';

/** How this house writes money and days, for every field that reads them. */
export function useWritten(): Written {
  const { currency } = useAppSelector(selectProject);
  return { currency, ...useAppSelector(selectWays) };
}
