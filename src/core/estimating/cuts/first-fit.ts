import type { Cutting, Ground } from './problem';

/** The cheapest stock, of those left, that still holds what a board uses. */
function cheapestHolding(ground: Ground, used: number, left: readonly number[]): number {
  let best = -1;
  ground.rooms.forEach((room, stock) => {
    if (room < used || (left[stock] ?? 0) <= 0) return;
    if (best < 0 || (ground.prices[stock] ?? 0) < (ground.prices[best] ?? 0)) best = stock;
  });
  return best;
}

/**
 * First-fit decreasing: longest piece first, into the first board with room, a new board of `stock` (or the
 * shortest that holds it) when there is none; then each board swapped for the cheapest that holds it.
 * The plan a careful person makes on paper. Undefined when limited stock runs out on the way.
 */
function firstFit(ground: Ground, preferred: number): Cutting[] | undefined {
  const left = [...ground.available];
  const boards: { stock: number; used: number; counts: number[] }[] = [];
  for (const [piece, size] of ground.sizes.entries()) {
    for (let count = 0; count < (ground.demand[piece] ?? 0); count += 1) {
      let board = boards.find(({ stock, used }) => used + size <= (ground.rooms[stock] ?? 0));
      if (!board) {
        const fits = (stock: number) =>
          (ground.rooms[stock] ?? 0) >= size && (left[stock] ?? 0) > 0;
        const stock = fits(preferred) ? preferred : ground.rooms.findIndex((_, at) => fits(at));
        if (stock < 0) return undefined;
        left[stock] = (left[stock] ?? 0) - 1;
        board = { stock, used: 0, counts: ground.sizes.map(() => 0) };
        boards.push(board);
      }
      board.used += size;
      board.counts[piece] = (board.counts[piece] ?? 0) + 1;
    }
  }
  return boards.map(({ stock, used, counts }) => {
    left[stock] = (left[stock] ?? 0) + 1;
    const cheapest = cheapestHolding(ground, used, left);
    left[cheapest] = (left[cheapest] ?? 0) - 1;
    return { stock: cheapest, counts };
  });
}

/** First-fit over every stock length as the preferred one; the cheapest plan of them. */
export function bestFirstFit(ground: Ground): Cutting[] | undefined {
  const cost = (plan: readonly Cutting[]) =>
    plan.reduce((sum, { stock }) => sum + (ground.prices[stock] ?? 0), 0);
  return ground.rooms
    .flatMap((_, stock) => {
      const plan = firstFit(ground, stock);
      return plan ? [plan] : [];
    })
    .sort((a, b) => cost(a) - cost(b))[0];
}
