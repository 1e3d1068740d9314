import { useId, useState } from 'react';
import { View } from 'react-native';
import Svg, { G } from 'react-native-svg';
import type { PlaceId } from '@/core/house';
import { stageBoards, type StageBoard } from '@/core/planning/report';
import { selectJobs, useAppSelector } from '@/store';
import { BlockLink, BoardShape, Hatch, STATE_WORDS, Small, Strong, usePalette } from '@/ui';

const GAP = 3;
const TALLEST = 13;

/** A place in the drawing: its name, and its boards going up the wall. Boards of stages not reached stay off. */
export function RoomCell({
  placeId,
  name,
  height,
  href,
  className = '',
}: {
  placeId: PlaceId | null;
  name: string;
  height: number;
  href: `/house/${string}`;
  className?: string;
}) {
  const jobs = useAppSelector(selectJobs);
  const boards = stageBoards(jobs, placeId);
  const reached = boards.filter(({ state }) => state !== 'later');
  const done = boards.filter(({ state }) => state === 'done').length;
  const top = reached.at(-1);
  const spoken =
    boards.length === 0
      ? `${name}, no works chosen`
      : `${name}, ${done} of ${boards.length} stages done${top ? `, top board ${STATE_WORDS[top.state]}` : ''}`;
  return (
    <BlockLink
      href={href}
      label={spoken}
      className={`min-w-0 flex-1 justify-between overflow-hidden border border-ink bg-paper ${className}`}
    >
      <View className="px-1 pt-1" style={{ height }}>
        <Strong numberOfLines={2} className="text-small leading-[17px]">
          {name}
        </Strong>
        {boards.length > 0 ? <Small>{`${done}/${boards.length}`}</Small> : <Small>—</Small>}
        <Boards boards={reached} height={height - 58} />
      </View>
    </BlockLink>
  );
}

function Boards({ boards, height }: { boards: readonly StageBoard[]; height: number }) {
  const palette = usePalette();
  const hatchId = useId().replace(/[^a-zA-Z0-9]/g, '');
  const [width, setWidth] = useState(0);
  const step = Math.min(TALLEST + GAP, height / Math.max(1, boards.length));
  const thick = Math.max(2.5, step - GAP);
  return (
    <View
      className="mt-auto"
      style={{ height: height + 2 }}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
    >
      {width > 0 ? (
        <Svg width={width} height={height + 2} aria-hidden>
          <Hatch id={hatchId} palette={palette} />
          {boards.map((board, at) => (
            <G key={board.stage}>
              <BoardShape
                state={board.state}
                share={board.share}
                palette={palette}
                hatchId={hatchId}
                x={2}
                y={height - (at + 1) * step}
                width={Math.max(4, width - 4)}
                height={thick}
              />
            </G>
          ))}
        </Svg>
      ) : null}
    </View>
  );
}
