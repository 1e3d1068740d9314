import type { CutPlan, CutProblem } from '../cuts';

/** Everything wrong with a cut plan, found without the solver: pieces short, boards overfull, stock overdrawn, a wrong price. */
export function cutFaultsOf(problem: CutProblem, plan: CutPlan): string[] {
  const faults: string[] = [];
  const cut = new Map<number, number>();
  const used = new Map<number, number>();
  let price = 0;
  for (const { stock, cuts } of plan.boards) {
    const bought = problem.stock.find(({ length }) => length === stock);
    if (!bought) faults.push(`no stock of ${stock}`);
    price += bought?.price ?? 0;
    used.set(stock, (used.get(stock) ?? 0) + 1);
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
  for (const { length, available } of problem.stock) {
    if ((used.get(length) ?? 0) > (available ?? Infinity)) faults.push(`too many of ${length}`);
  }
  if (price !== plan.price) faults.push(`price ${plan.price} is ${price}`);
  if (plan.lowerBound > plan.price) faults.push('below its own bound');
  return faults;
}
