import { useEffect, useState } from 'react';
import { View } from 'react-native';
import type { CutPlan } from '@/core/estimating/cuts';
import { nameCuts, type CutList, type NamedBoard } from '@/core/estimating/purchasing';
import {
  cents,
  formatLength,
  formatMoney,
  ticks,
  type Currency,
  type UnitSystem,
} from '@/core/units';
import { BoardDrawing } from '@/features/kit/drawing';
import { placeNameIn, planTheCuts, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Fact, Note, Section, Strong } from '@/ui';
import type { PlanningError } from '@/workers/protocol';

type Listed = Pick<CutList, 'pieces' | 'problem'>;

/** The cheapest boards for a list, drawn to scale, with which piece of which room comes from which board. */
export function CutPlanView({ title, list }: { title: string; list: Listed }) {
  const dispatch = useAppDispatch();
  const [answer, setAnswer] = useState<{ list: Listed; plan: CutPlan } | null>(null);
  const [error, setError] = useState<PlanningError | null>(null);
  const { units } = useAppSelector(selectProject);
  useEffect(() => {
    const abort = new AbortController();
    void dispatch(planTheCuts(list.problem, abort.signal)).then((result) => {
      if (!result || abort.signal.aborted) return;
      setAnswer(result.ok ? { list, plan: result.value } : null);
      setError(result.ok ? null : result.error);
    });
    return () => abort.abort();
  }, [list, dispatch]);
  if (error) {
    return (
      <View role="alert" className="rounded-board border border-brick bg-brick-pale p-3">
        <Note className="text-ink">{errorWords(error, list, units)}</Note>
      </View>
    );
  }
  if (!answer) {
    return (
      <View role="status">
        <Note>Working out the boards…</Note>
      </View>
    );
  }
  return <Shown title={title} {...answer} />;
}

function Shown({ title, list, plan }: { title: string; list: Listed; plan: CutPlan }) {
  const { currency, units } = useAppSelector(selectProject);
  const boards = nameCuts(list, plan);
  const longest = Math.max(...list.problem.stock.map(({ length }) => length));
  return (
    <View className="gap-4">
      <Section title={title} sum={`${list.pieces.length} pieces from ${boards.length} boards`}>
        <View>
          <Fact
            name="All boards"
            figure={formatMoney(cents(plan.price), currency)}
            working={priceWords(plan, currency)}
          />
          <Fact
            name="Left over"
            figure={formatLength(ticks(plan.waste), units)}
            working="saw cuts included"
          />
          <Fact
            name="To buy"
            figure={buyWords(boards, units)}
            working="what lies in the stores is used where it saves a board"
          />
        </View>
      </Section>
      <View className="gap-3">
        {boards.map((board, at) => (
          <OneBoard
            key={at}
            number={at + 1}
            board={board}
            longest={longest}
            kerf={list.problem.kerf}
          />
        ))}
      </View>
    </View>
  );
}

function OneBoard({
  number,
  board,
  longest,
  kerf,
}: {
  number: number;
  board: NamedBoard;
  longest: number;
  kerf: number;
}) {
  const project = useAppSelector(selectProject);
  const cuts = board.cuts.map(({ length, placeId }) => ({
    length,
    name: formatLength(length, project.units),
    room: placeId === null ? '' : ` ${placeNameIn(project, placeId)}`,
  }));
  const said = cuts.map(({ name, room }) => `${name}${room}`).join(', ');
  const stock = formatLength(board.stock, project.units);
  return (
    <View className="gap-1">
      <Strong>{`Board ${number}: ${stock}${board.fromStores ? ', from the stores' : ''}`}</Strong>
      <BoardDrawing
        stock={board.stock}
        longest={longest}
        cuts={cuts}
        kerf={kerf}
        spoken={`Board ${number} of ${stock}, cut into ${said}`}
      />
      <Note>{said}</Note>
    </View>
  );
}

const priceWords = ({ proven, lowerBound }: CutPlan, currency: Currency): string =>
  proven
    ? 'proved: no set of boards costs less'
    : `no set of boards costs less than ${formatMoney(cents(lowerBound), currency)}`;

function buyWords(boards: readonly NamedBoard[], units: UnitSystem): string {
  const counts = new Map<number, number>();
  for (const { stock, fromStores } of boards) {
    if (!fromStores) counts.set(stock, (counts.get(stock) ?? 0) + 1);
  }
  const words = [...counts].map(
    ([stock, count]) => `${count} x ${formatLength(ticks(stock), units)}`,
  );
  return words.length > 0 ? words.join(', ') : 'nothing';
}

function errorWords(error: PlanningError, { pieces }: Listed, units: UnitSystem): string {
  if (error.code !== 'cuts')
    return 'Working out the boards broke down. Change the list to try again.';
  const { error: cut } = error;
  switch (cut.code) {
    case 'too-long':
      return `A piece is longer than every length on sale (${formatLength(ticks(cut.length), units)} against ${formatLength(ticks(cut.longest), units)}). Add a longer board, or split the piece.`;
    case 'no-pieces':
      return pieces.length === 0 ? 'Give at least one piece.' : 'Nothing is left to cut.';
    case 'no-stock':
      return 'Give at least one length on sale with its price.';
    case 'stock-twice':
      return `${formatLength(ticks(cut.length), units)} stands twice among the lengths on sale. Drop one of them.`;
    case 'not-enough-stock':
      return 'The boards in the stores do not hold all pieces. Add a length on sale.';
    case 'negative-kerf':
      return 'The saw cut cannot be less than nought.';
    case 'no-price':
      return `Length ${cut.index + 1} on sale has no price.`;
    case 'bad-piece':
      return `Piece ${cut.index + 1} has no length.`;
    case 'bad-stock':
      return `Length ${cut.index + 1} on sale cannot be used.`;
  }
}
