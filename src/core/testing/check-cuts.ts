import type { CutPlan, CutProblem } from '../estimating/cuts';

const kindOf = (length: number, price: number): string => `${length} at ${price}`;

/** Everything wrong with a cut plan, found without the solver: pieces short, boards overfull, stock overdrawn, a wrong price. */
export function cutFaultsOf(problem: CutProblem, plan: CutPlan): string[] {
  const faults: string[] = [];
  const cut = new Map<number, number>();
  const used = new Map<string, number>();
  let price = 0;
  for (const { stock, price: paid, cuts } of plan.boards) {
    if (!problem.stock.some(({ length, price: asked }) => length === stock && asked === paid)) {
      faults.push(`no stock of ${stock} at ${paid}`);
    }
    price += paid;
    used.set(kindOf(stock, paid), (used.get(kindOf(stock, paid)) ?? 0) + 1);
    const need =
      cuts.reduce((sum, piece) => sum + piece, 0) + problem.kerf * Math.max(0, cuts.length - 1);
    if (need > stock) faults.push(`${need} from ${stock}`);
    for (const piece of cuts) cut.set(piece, (cut.get(piece) ?? 0) + 1);
  }
  const wanted = new Map<number, number>();
  for (const { length, qty } of problem.pieces) {
    wanted.set(length, (wanted.get(length) ?? 0) + qty);
  }
  for (const length of new Set([...wanted.keys(), ...cut.keys()])) {
    const [have, want] = [cut.get(length) ?? 0, wanted.get(length) ?? 0];
    if (have !== want) faults.push(`${have} of ${want} pieces of ${length}`);
  }
  for (const [kind, count] of used) {
    const there = problem.stock
      .filter(({ length, price: asked }) => kindOf(length, asked) === kind)
      .reduce((sum, { available }) => sum + (available ?? Infinity), 0);
    if (count > there) faults.push(`too many of ${kind}`);
  }
  if (price !== plan.price) faults.push(`price ${plan.price} is ${price}`);
  if (plan.lowerBound > plan.price) faults.push('below its own bound');
  return faults;
}
