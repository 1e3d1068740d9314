import { extentOfSurface, type Surface } from '@/core/estimating/layout';
import { formatLength, fromInches, ticks } from '@/core/units';
import { selectProject, useAppSelector } from '@/store';
import { Slider } from '@/ui/slider';

/** A line one drags along the floor: by a quarter inch with the arrow keys. */
export function StartLine({
  label,
  at,
  surface,
  axis,
  onMove,
}: {
  label: string;
  at: number;
  surface: Surface;
  axis: 'x' | 'y';
  onMove: (to: number) => void;
}) {
  const { units } = useAppSelector(selectProject);
  const { width, height } = extentOfSurface(surface);
  return (
    <Slider
      label={label}
      value={at}
      least={0}
      most={axis === 'x' ? width : height}
      step={fromInches(0.25)}
      said={formatLength(ticks(at), units)}
      onChange={onMove}
    />
  );
}
