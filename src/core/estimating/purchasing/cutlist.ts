import { findProduct } from '../finishes';
import {
  finishKey,
  placesInOrder,
  shapeOf,
  slotOf,
  type PlaceId,
  type Product,
  type Project,
} from '../../house';
import { planCuts, type CutError, type CutPlan, type CutProblem } from '../cuts';
import { ok, type Result } from '../../result';
import { findCalculator, readField } from '../calculators';
import { trimPieces } from '../calculators/sums/carpentry';
import { TICKS_PER_FOOT, ticks, type Ticks } from '../../units';

/** A piece with the room it is for. */
export type NamedPiece = { placeId: PlaceId | null; length: Ticks };
export type CutList = {
  id: string;
  title: string;
  pieces: NamedPiece[];
  problem: CutProblem;
};

/** Boards of a plan with every cut named. */
export type NamedBoard = { stock: Ticks; fromStores: boolean; cuts: NamedPiece[] };

const lengthsIn = (product: Product, name: 'lengths'): Ticks[] => {
  const field = findCalculator(product.sum)?.fields[name];
  const read = field ? readField(field, product.fields[name]) : undefined;
  return read && 'value' in read && Array.isArray(read.value) ? (read.value as Ticks[]) : [];
};

const lengthIn = (product: Product, name: 'face' | 'kerf'): Ticks => {
  const field = findCalculator(product.sum)?.fields[name];
  const read = field ? readField(field, product.fields[name]) : undefined;
  return read && 'value' in read && typeof read.value === 'number' ? ticks(read.value) : ticks(0);
};

/** Whether the trim of a place is still to be bought. */
const isOpenTrim = (project: Project, placeId: PlaceId): boolean =>
  !Object.values(project.orders).some(({ lineId, shares }) =>
    [lineId, ...(shares ?? []).map((share) => share.lineId)].includes(
      `${placeId}/trim.prefinish+trim`,
    ),
  );

/** Lengths of this product lying in the stores, free to cut from. */
function inStores(project: Project, product: Product): CutProblem['stock'] {
  return Object.values(project.leftovers).flatMap(({ what, offcut, returnedOn }) =>
    offcut && returnedOn === undefined && what === product.name
      ? [{ length: offcut.length, price: 0, available: offcut.count }]
      : [],
  );
}

/** One cut list for each trim chosen anywhere: all its rooms together, cut from lengths on sale and what lies in the stores. */
export function cutLists(project: Project): CutList[] {
  const byProduct = new Map<string, { product: Product; pieces: NamedPiece[] }>();
  for (const place of placesInOrder(project)) {
    const product = findProduct(project, project.finishes[finishKey(place.id, slotOf('trim'))]);
    if (product?.sum !== 'trim' || !isOpenTrim(project, place.id)) continue;
    const lengths = lengthsIn(product, 'lengths');
    const entry = byProduct.get(product.id) ?? { product, pieces: [] };
    const pieces = trimPieces(shapeOf(place), lengthIn(product, 'face'), Math.max(1, ...lengths));
    entry.pieces.push(...pieces.map((length) => ({ placeId: place.id, length: ticks(length) })));
    byProduct.set(product.id, entry);
  }
  return [...byProduct.values()].map(({ product, pieces }) => {
    const stores = inStores(project, product);
    return {
      id: product.id,
      title: product.name,
      pieces,
      problem: {
        kerf: lengthIn(product, 'kerf'),
        stock: [
          ...stores,
          ...lengthsIn(product, 'lengths').map((length) => ({
            length,
            price: Math.round((product.price * length) / TICKS_PER_FOOT),
          })),
        ],
        pieces: pieces.map(({ length }) => ({ length, qty: 1 })),
      },
    };
  });
}

/** Names the cuts of a plan: which piece of which room comes from which board. */
export function nameCuts({ pieces }: Pick<CutList, 'pieces'>, plan: CutPlan): NamedBoard[] {
  const waiting = [...pieces];
  return plan.boards.map(({ stock, price, cuts }) => ({
    stock: ticks(stock),
    fromStores: price === 0,
    cuts: cuts.flatMap((cut) => {
      const at = waiting.findIndex(({ length }) => length === cut);
      return at < 0 ? [] : waiting.splice(at, 1);
    }),
  }));
}

export type CutAnswer = { plan: CutPlan; boards: NamedBoard[] };

/** The boards for a cut list, its pieces named again. Fails as {@link planCuts} does. */
export function planCutList(
  list: Pick<CutList, 'pieces' | 'problem'>,
): Result<CutAnswer, CutError> {
  const plan = planCuts(list.problem);
  return plan.ok ? ok({ plan: plan.value, boards: nameCuts(list, plan.value) }) : plan;
}
