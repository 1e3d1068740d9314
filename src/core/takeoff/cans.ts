/** A size something is sold in, with its price in cents. */
export type Can = { id: string; name: string; holds: number; price: number };

const MOST_STEPS = 10_000;

/**
 * The cheapest set of cans that holds `need`, by dynamic programming over the smallest can; of equal prices the one
 * with fewer cans. Sizes are whole multiples of the smallest, up to rounding.
 */
export function cheapestCans(need: number, cans: readonly Can[]): { can: Can; count: number }[] {
  const unit = Math.min(...cans.map(({ holds }) => holds));
  const all = Math.ceil(need / unit - 1e-6);
  // Far beyond the sizes of the cans the cheapest by volume makes up the bulk of any cheapest set.
  const bulk = cans.reduce((best, can) =>
    can.price / can.holds < best.price / best.holds ? can : best,
  );
  const perBulk = Math.round(bulk.holds / unit);
  const bulkCount = all > MOST_STEPS ? Math.floor((all - MOST_STEPS / 2) / perBulk) : 0;
  const steps = all - bulkCount * perBulk;
  type Best = { price: number; count: number; last: Can | undefined; before: number };
  const best: Best[] = [{ price: 0, count: 0, last: undefined, before: 0 }];
  for (let at = 1; at <= steps; at += 1) {
    for (const can of cans) {
      const before = Math.max(0, at - Math.round(can.holds / unit));
      const from = best[before];
      if (!from) continue;
      const next = { price: from.price + can.price, count: from.count + 1, last: can, before };
      const old = best[at];
      const better =
        !old || next.price < old.price || (next.price === old.price && next.count < old.count);
      if (better) best[at] = next;
    }
  }
  const counts = new Map<Can, number>();
  for (let at = steps; at > 0;) {
    const step = best[at];
    if (!step?.last) break;
    counts.set(step.last, (counts.get(step.last) ?? 0) + 1);
    at = step.before;
  }
  return cans.flatMap((can) => {
    const count = (counts.get(can) ?? 0) + (can === bulk ? bulkCount : 0);
    return count > 0 ? { can, count } : [];
  });
}
