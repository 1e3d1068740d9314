import { useMemo } from 'react';
import { reserveWeeks } from '@/core/money/reserve';
import { formatAbout, formatDayMonth, minorUnits } from '@/core/units';
import { selectProject, selectToday, useAppSelector } from '@/store';
import { LineChart, Section, Small } from '@/ui';

/** More points than these nobody can tell apart. */
const MOST_WEEKS = 60;

/** Contingency left against what is still unknown, week by week. */
export function ReserveChart() {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const weeks = useMemo(() => {
    const all = reserveWeeks(project, today);
    const step = Math.ceil(all.length / MOST_WEEKS);
    return all.filter((_, at) => (all.length - 1 - at) % Math.max(1, step) === 0);
  }, [project, today]);
  if (weeks.length < 2 || weeks.every(({ unknowns }) => unknowns === 0)) return null;
  const { currency } = project;
  const minor = minorUnits(currency);
  return (
    <Section title="Contingency against unknowns">
      <LineChart
        points={weeks.map(({ monday, left }) => ({
          label: formatDayMonth(monday),
          value: left / minor,
        }))}
        against={weeks.map(({ unknowns }) => unknowns / minor)}
        spoken={`Contingency left and what is still unknown, week by week: ${weeks
          .map(
            ({ monday, left, unknowns }) =>
              `${formatDayMonth(monday)} ${formatAbout(left, currency)} left, ${formatAbout(unknowns, currency)} unknown`,
          )
          .join('; ')}`}
      />
      <Small>
        Whole line: contingency left. Dashed: what suspicions may still cost, chance by chance.
      </Small>
    </Section>
  );
}
