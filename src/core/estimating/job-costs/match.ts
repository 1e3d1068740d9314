import { remembering } from '../../remembering';
import { stem, wordsIn } from '../../language/stems';
import type { PaidFor } from '../../house';
import type { Cover } from './cost-line';
import type { OpenLine } from './open-line';

/** Words too short, or too common in shops, to tell one thing from another. */
const SHORTEST_WORD = 3;
const COMMON = new Set(['box', 'bag', 'pack', 'set', 'the', 'and', 'for', 'new', 'more'].map(stem));

/** Lines and purchases of a large house come up with every plan. */
const TEXTS_KEPT = 10_000;

const wordsOf = remembering(
  TEXTS_KEPT,
  (text: string): ReadonlySet<string> =>
    new Set(
      wordsIn(text.toLowerCase())
        .filter((word) => word.length >= SHORTEST_WORD)
        .map(stem)
        .filter((word) => !COMMON.has(word)),
    ),
);

const KINDS: Readonly<Record<string, OpenLine['kind']>> = {
  materials: 'materials',
  trades: 'trades',
};

/** The lines of the plan by each word of what they are. */
type ByWord = ReadonlyMap<string, readonly OpenLine[]>;

function byWord(lines: readonly OpenLine[]): ByWord {
  const found = new Map<string, OpenLine[]>();
  for (const line of lines) {
    for (const word of wordsOf(line.what)) {
      const known = found.get(word);
      if (known) known.push(line);
      else found.set(word, [line]);
    }
  }
  return found;
}

/** What was agreed is paid where it was agreed, and afterwards; the rest of the plan goes by its words alone. */
function mayBeFor(line: OpenLine, purchase: PaidFor, isOfWords: boolean): boolean {
  const rooms = purchase.placeIds;
  const isHere = rooms.includes(null) || line.placeId === null || rooms.includes(line.placeId);
  if (!isHere) return false;
  if (!line.agreedOn) return isOfWords && line.kind === KINDS[purchase.kind];
  return !purchase.isAgreed && purchase.on >= line.agreedOn;
}

/** The lines of the plan a purchase may be for: of its kind, in its rooms, with a word in common. */
function candidates(purchase: PaidFor, words: ByWord): OpenLine[] {
  const of = (text: string) => [...wordsOf(text)].flatMap((word) => words.get(word) ?? []);
  const named = new Set(of(purchase.what));
  const shop = of(purchase.shop ?? '').filter(
    (line) => line.agreedOn !== undefined || purchase.kind === 'trades',
  );
  return [...new Set([...named, ...shop])].filter((line) =>
    mayBeFor(line, purchase, named.has(line) || purchase.kind === 'trades'),
  );
}

/**
 * What one purchase is for. Told is told. Else it is clear when its words and its room leave one line of the plan, and
 * nothing that is there already could have been meant; more than one is a question, and none is something extra.
 */
function coverOf(purchase: PaidFor, words: ByWord, ids: ReadonlySet<string>): Cover {
  const { id: purchaseId, covers } = purchase;
  if (covers) return { purchaseId, is: 'told', lineIds: covers.filter((id) => ids.has(id)) };
  const found = candidates(purchase, words);
  const open = found.filter(({ isHad }) => !isHad);
  const [only] = open;
  if (!only) return { purchaseId, is: 'none', lineIds: [] };
  const rooms = purchase.placeIds.filter((placeId) => placeId !== null);
  const isInRoom = rooms.length === 1 || only.placeId === null;
  return found.length === 1 && isInRoom
    ? { purchaseId, is: 'clear', lineIds: [only.id] }
    : { purchaseId, is: 'unclear', lineIds: open.map(({ id }) => id) };
}

/** What each purchase is for. */
export function matchPurchases(purchases: readonly PaidFor[], lines: readonly OpenLine[]): Cover[] {
  const ids = new Set(lines.map(({ id }) => id));
  const words = byWord(lines);
  return purchases.map((purchase) => coverOf(purchase, words, ids));
}
