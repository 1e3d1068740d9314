import { useId, useMemo } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import type { Plan } from '@/core/plan';
import { addDays, formatDayMonth } from '@/core/units';
import { whenWords } from '@/features/job';
import { placeOf, placeNameIn, selectProject, selectToday, useAppSelector } from '@/store';
import { BoardShape, Hatch, STATE_WORDS, Strong, usePalette, type Palette } from '@/ui';
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
}: {
  plan: Plan;
  selectedId: string | null;
  onSelect: (jobId: string) => void;
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
        <Weeks model={model} selectedId={selectedId} onSelect={onSelect} />
      </ScrollView>
    </View>
  );
}

function Weeks({
  model,
  selectedId,
  onSelect,
}: {
  model: BoardModel;
  selectedId: string | null;
  onSelect: (jobId: string) => void;
}) {
  const palette = usePalette();
  const hatchId = useId().replace(/[^a-zA-Z0-9]/g, '');
  const width = model.weeks * WEEK;
  const tops = model.rows.reduce<number[]>(
    (all, row) => [...all, (all.at(-1) ?? HEAD) + rowHeight(row)],
    [HEAD],
  );
  const height = tops.at(-1) ?? HEAD;
  return (
    <View style={{ width, height }}>
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
                selected={bar.jobs.some(({ id }) => id === selectedId)}
              />
            ))}
          </G>
        ))}
      </Svg>
      {model.rows.map((row, at) =>
        row.bars.map((bar) => (
          <BarButton key={bar.key} bar={bar} top={tops[at] ?? HEAD} onSelect={onSelect} />
        )),
      )}
    </View>
  );
}

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
  selected,
}: {
  bar: Bar;
  top: number;
  palette: Palette;
  hatchId: string;
  selected: boolean;
}) {
  const x = bar.from * DAY + 1;
  const y = top + 8 + bar.lane * LANE;
  const width = bar.days * DAY - 2;
  const indent = bar.state === 'held' ? 18 : 6;
  return (
    <G>
      {selected ? (
        <Rect
          x={x - 3}
          y={y - 3}
          width={width + 6}
          height={BAR + 6}
          fill="none"
          stroke={palette.ink}
          strokeWidth={2}
        />
      ) : null}
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

function BarButton({
  bar,
  top,
  onSelect,
}: {
  bar: Bar;
  top: number;
  onSelect: (jobId: string) => void;
}) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const [first] = bar.jobs;
  if (!first) return null;
  const label = `${bar.label}, ${placeOf(project, first)}, ${STATE_WORDS[bar.state]}, ${whenWords(first, today)}`;
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={() => onSelect(first.id)}
      style={{
        position: 'absolute',
        left: bar.from * DAY,
        top: top + 4 + bar.lane * LANE,
        width: Math.max(24, bar.days * DAY),
        height: LANE - 2,
      }}
    />
  );
}
