import { selectProject, selectToday, useAppSelector } from '@/store';
import { dayField } from './read';
import { useWritten } from './useWritten';

/** The field of a day on which something was done: not before the house's first day, not to come. */
export function useDoneDay() {
  const today = useAppSelector(selectToday);
  const { firstDay } = useAppSelector(selectProject).house;
  return dayField(today, useWritten(), { past: true, needed: true, from: firstDay }).transform(
    (day) => day ?? today,
  );
}
