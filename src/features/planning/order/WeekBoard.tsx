import { memo, useId, useMemo } from 'react';
import { ScrollView, View } from 'react-native';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import type { JobId } from '@/core/house';
import type { Plan } from '@/core/planning/report';
import { addDays, formatDayMonth } from '@/core/units';
import { whenWords } from '@/features/job';
import { placeOf, placeNameIn, selectProject, selectToday, useAppSelector } from '@/store';
import { BoardShape, Hatch, STATE_WORDS, Strong, usePalette, type Palette } from '@/ui';
import { SlideAlong, SlideHandle } from '@/ui/drag/lazy';
import { boardModel, type Bar, type BoardModel, type BoardRow } from './board-model';

const DAY = 14;
const WEEK = DAY * 7;
const LANE = 34;
const BAR = 24;
const HEAD = 34;
const NAMES = 124;
const LETTER = 7;
const LABEL_MARGIN = 14;
const FONT = 'AtkinsonHyperlegibleNext_400Regular';

const labelDays = (label: string) => (label.length * LETTER + LABEL_MARGIN) / DAY;
const rowHeight = ({ lanes }: BoardRow) => lanes * LANE + 10;

/** Rooms by weeks. Names are held while the weeks scroll; the lists beside it say the same in words. */
export function WeekBoard({
  plan,
  selectedId,
  onSelect,
  onMove,
}: {
  plan: Plan;
  selectedId: string | null;
  onSelect: (jobId: JobId) => void;
  /** A bar was slid by so many days: its first job, and the days. */
  onMove: (jobId: JobId, days: number) => void;
}) {
  const project = useAppSelector(selectProject);
  const model = useMemo(
    () => boardModel(plan, project.placeOrder, labelDays),
    [plan, project.placeOrder],
  );
  return (
    <View className="flex-row border-b border-line" role="group" aria-label="Rooms by weeks">
      <View style={{ width: NAMES, paddingTop: HEAD }}>
        {model.rows.map((row) => (
          <View
            key={row.placeId ?? 'house'}
            className="justify-center border-t border-line pr-2"
            style={{ height: rowHeight(row) }}
          >
            <Strong numberOfLines={2} className="text-note">
              {placeNameIn(project, row.placeId)}
            </Strong>
          </View>
        ))}
      </View>
      <ScrollView horizontal tabIndex={0} className="flex-1">
        <Weeks model={model} selectedId={selectedId} onSelect={onSelect} onMove={onMove} />
      </ScrollView>
    </View>
  );
}

const topsOf = ({ rows }: BoardModel): number[] =>
  rows.reduce<number[]>((all, row) => [...all, (all.at(-1) ?? HEAD) + rowHeight(row)], [HEAD]);

function Weeks({
  model,
  selectedId,
  onSelect,
  onMove,
}: {
  model: BoardModel;
  selectedId: string | null;
  onSelect: (jobId: JobId) => void;
  onMove: (jobId: JobId, days: number) => void;
}) {
  const palette = usePalette();
  const tops = useMemo(() => topsOf(model), [model]);
  const size = { width: model.weeks * WEEK, height: tops.at(-1) ?? HEAD };
  const selected = model.rows
    .flatMap((row, at) => row.bars.map((bar) => ({ bar, top: tops[at] ?? HEAD })))
    .find(({ bar }) => bar.jobs.some(({ id }) => id === selectedId));
  return (
    <View style={size}>
      <Drawing model={model} tops={tops} palette={palette} />
      {selected ? (
        <View
          pointerEvents="none"
          className="absolute border-2 border-ink"
          style={{
            left: selected.bar.from * DAY - 2,
            top: selected.top + 5 + selected.bar.lane * LANE,
            width: selected.bar.days * DAY + 4,
            height: BAR + 6,
          }}
        />
      ) : null}
      <SlideAlong step={DAY} onSlide={(id, days) => onMove(id as JobId, days)}>
        <Handles model={model} tops={tops} onSelect={onSelect} onMove={onMove} />
      </SlideAlong>
    </View>
  );
}

/** Everything that does not change while bars are chosen and slid. */
const Drawing = memo(function Drawing({
  model,
  tops,
  palette,
}: {
  model: BoardModel;
  tops: readonly number[];
  palette: Palette;
}) {
  const hatchId = useId().replace(/[^a-zA-Z0-9]/g, '');
  const [width, height] = [model.weeks * WEEK, tops.at(-1) ?? HEAD];
  return (
    <Svg width={width} height={height} aria-hidden>
      <Hatch id={hatchId} palette={palette} />
      <TapeHead model={model} palette={palette} />
      {Array.from({ length: model.weeks }, (_, week) => (
        <Line
          key={week}
          x1={week * WEEK}
          x2={week * WEEK}
          y1={HEAD}
          y2={height}
          stroke={palette.line}
        />
      ))}
      <Line
        x1={(model.todayAt + 0.5) * DAY}
        x2={(model.todayAt + 0.5) * DAY}
        y1={HEAD}
        y2={height}
        stroke={palette.ink}
        strokeWidth={1.5}
        strokeDasharray="2 3"
      />
      {model.rows.map((row, at) => (
        <G key={row.placeId ?? 'house'}>
          <Line x1={0} x2={width} y1={tops[at]} y2={tops[at]} stroke={palette.line} />
          {row.bars.map((bar) => (
            <BarShape
              key={bar.key}
              bar={bar}
              top={tops[at] ?? HEAD}
              palette={palette}
              hatchId={hatchId}
            />
          ))}
        </G>
      ))}
    </Svg>
  );
});

const Handles = memo(function Handles({
  model,
  tops,
  onSelect,
  onMove,
}: {
  model: BoardModel;
  tops: readonly number[];
  onSelect: (jobId: JobId) => void;
  onMove: (jobId: JobId, days: number) => void;
}) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  return model.rows.flatMap((row, at) =>
    row.bars.map((bar) => {
      const [first] = bar.jobs;
      if (!first) return null;
      const place = {
        left: bar.from * DAY,
        top: (tops[at] ?? HEAD) + 4 + bar.lane * LANE,
        width: Math.max(24, bar.days * DAY),
        height: LANE - 2,
      };
      const words = [
        bar.label,
        placeOf(project, first),
        ...(bar.hold ? ['inspection'] : []),
        STATE_WORDS[bar.state],
      ];
      return (
        <SlideHandle
          key={bar.key}
          id={bar.fixed ? `${first.id} ${bar.key}` : first.id}
          label={[...words, bar.when ?? whenWords(first, today)].join(', ')}
          place={place}
          fixed={bar.fixed}
          onChoose={() => onSelect(first.id)}
          onStep={(_, steps) => onMove(first.id, steps)}
        />
      );
    }),
  );
});

function TapeHead({ model, palette }: { model: BoardModel; palette: Palette }) {
  return (
    <G>
      <Rect width={model.weeks * WEEK} height={HEAD - 6} fill={palette.tape} />
      {Array.from({ length: model.weeks * 7 }, (_, day) => (
        <Line
          key={day}
          x1={day * DAY}
          x2={day * DAY}
          y1={0}
          y2={day % 7 === 0 ? 14 : 6}
          stroke={palette['tape-ink']}
          strokeWidth={day % 7 === 0 ? 2 : 1}
        />
      ))}
      {Array.from({ length: model.weeks }, (_, week) => (
        <SvgText
          key={week}
          x={week * WEEK + 4}
          y={24}
          fontSize={12}
          fontFamily={FONT}
          fill={palette['tape-ink']}
        >
          {formatDayMonth(addDays(model.monday, week * 7))}
        </SvgText>
      ))}
    </G>
  );
}

function BarShape({
  bar,
  top,
  palette,
  hatchId,
}: {
  bar: Bar;
  top: number;
  palette: Palette;
  hatchId: string;
}) {
  const x = bar.from * DAY + 1;
  const y = top + 8 + bar.lane * LANE;
  const width = bar.days * DAY - 2;
  const indent = bar.state === 'held' ? 18 : 6;
  // One that failed is held, and looks like all that is.
  const isHold = bar.hold && bar.state !== 'held';
  return (
    <G>
      {isHold ? (
        <HoldPoint x={x} y={y} width={width} palette={palette} />
      ) : (
        <BoardShape
          state={bar.state}
          share={bar.share}
          palette={palette}
          hatchId={hatchId}
          x={x}
          y={y}
          width={width}
          height={BAR}
        />
      )}
      <SvgText
        x={bar.labelInside ? x + indent : x + width + 5}
        y={y + 16}
        fontSize={13}
        fontFamily={FONT}
        fill={palette.ink}
      >
        {bar.label}
      </SvgText>
    </G>
  );
}

/** An inspection: two posts and a rail, like a gate across the way. */
function HoldPoint({
  x,
  y,
  width,
  palette,
}: {
  x: number;
  y: number;
  width: number;
  palette: Palette;
}) {
  const rail = y + BAR / 2;
  return (
    <G>
      {[x + 1.5, x + width - 1.5].map((post) => (
        <Line
          key={post}
          x1={post}
          x2={post}
          y1={y - 3}
          y2={y + BAR + 3}
          stroke={palette.brick}
          strokeWidth={3}
        />
      ))}
      <Line x1={x} x2={x + width} y1={rail} y2={rail} stroke={palette.brick} strokeWidth={3} />
    </G>
  );
}
