import type { EntryOf, PersonId, PlaceId } from '../house';
import { parseDuration, parseMoney, splitCents, type Cents, type Minutes } from '../units';
import { placesIn, withoutPlaces, type LogContext } from './context';
import { spendKindOf } from './spendkind';

/** Readers of single facts in a clause. Each returns undefined when its fact is not there. */

const DURATION =
  /\b(\d+(?:[.,]\d+)?\s*(?:hours?|hrs?|h)(?:\s*\d{1,2})?(?:\s*(?:minutes|mins?|m)\b)?|\d+\s*(?:minutes|mins?)\b|\d{1,2}:\d{2}(?!\d))/i;
const MONEY =
  /[-−]?\s*[$€£]\s*[-−]?\d[\d,]*(?:\.\d{1,2})?|\b\d[\d,]*(?:\.\d{1,2})?\s*(?:dollars?|bucks|euros?|pounds?)\b/i;
/** `at Marl Timber`, `from the Lime and Linseed`: capitalised words, joined by "and" or "&". */
const SHOP =
  /\b(?:at|from)\s+(?:the\s+)?([\p{Lu}][\p{L}\p{N}'’&-]*(?:\s+(?:and\s+|&\s*)?[\p{Lu}][\p{L}\p{N}'’-]*)*)/u;
const UNITS =
  'buckets?|bags?|box(?:es)?|sheets?|rolls?|tubes?|gallons?|cans?|lit(?:er|re)s?|boards?|lengths?|packs?|cartons?|bundles?|pails?|pieces?|lbs?|kg|tubs?|sets?|squares?|loads?';
const MATERIAL = new RegExp(
  `\\b(\\d+(?:[.,]\\d+)?|an?|half an?)\\s+(${UNITS})\\s+(?:of\\s+)?(.+)$`,
  'iu',
);
const SELF = /\b(?:me|i|myself)\b/i;
const BOTH = /\b(?:both|we|us|together)\b/i;

export type Hours = {
  minutes: Minutes;
  people: PersonId[] | 'unclear';
  rest: string;
  who?: string;
};

export function readHours(clause: string, context: LogContext): Hours | undefined {
  const match = DURATION.exec(clause);
  const duration = match && parseDuration(match[1]?.replace(/\s*(?:m)$/i, '') ?? '');
  if (!match || !duration?.ok || duration.value === 0) return undefined;
  const rest = `${clause.slice(0, match.index)} ${clause.slice(match.index + match[0].length)}`;
  const named = context.people.filter(({ name }) =>
    new RegExp(`(?<!\\p{L})${escaped(name)}(?!\\p{L})`, 'iu').test(rest),
  );
  const self = context.people.filter((person) => person.self);
  const withoutNames = named.reduce(
    (text, { name }) => text.replace(new RegExp(escaped(name), 'giu'), ' '),
    rest,
  );
  const spoken = { minutes: duration.value, rest: withoutNames.replace(SELF, ' ') };
  if (BOTH.test(rest) && named.length === 0) {
    const all = context.people.map(({ id }) => id);
    return { ...spoken, people: all.length === 2 ? all : 'unclear', who: 'both' };
  }
  const people = [...(SELF.test(rest) ? self : []), ...named].map(({ id }) => id);
  if (people.length > 0) return { ...spoken, people: [...new Set(people)] };
  const stranger = strangerIn(rest, context);
  if (stranger) return { ...spoken, people: 'unclear', who: stranger };
  return { ...spoken, people: self.map(({ id }) => id) };
}

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** A capitalised word right behind the hours that is no place: most likely a name not yet known. */
function strangerIn(rest: string, context: LogContext): string | undefined {
  const name = /^\s*(\p{Lu}\p{L}+)/u.exec(rest)?.[1];
  if (!name || placesIn(name, context).length > 0) return undefined;
  const known = context.jobs.some(({ title, says }) =>
    [title, ...says].some((words) => words.toLowerCase().includes(name.toLowerCase())),
  );
  return known ? undefined : name;
}

const SHARES: readonly [RegExp, number][] = [
  [/\bthree[- ]quarters?\b|\b3\/4\b/i, 75],
  [/\b(?:a |one )?quarter\b|\b1\/4\b/i, 25],
  [/\btwo[- ]thirds\b|\b2\/3\b/i, 67],
  [/\b(?:a |one )third\b|\b1\/3\b/i, 33],
  [/\bhalf\b(?! an?\b)/i, 50],
  [/\b(?:almost|nearly) (?:done|finished)\b/i, 90],
  [/\bnot (?:done|finished)\b/i, -1],
  // Not a bare `finish`: the finish coat is a job.
  [/\b(?:done|finished|completed?|ready|closed|passed)\b/i, 100],
  [/\b(?:started|begun|began)\b/i, 10],
];

/** Percent done, from `done`, `half`, `60%`, `4 of 12`; undefined when nothing is said of it. */
export function readShare(clause: string): { share: number; rest: string } | undefined {
  const percent = /\b(\d{1,3})\s*(?:%|percent\b)/i.exec(clause);
  if (percent) {
    const share = Math.min(100, Math.max(1, Number(percent[1])));
    return { share, rest: clause.replace(percent[0], ' ').replace(/\bdone\b/i, ' ') };
  }
  const counted = /\b(\d+)\s+of\s+(\d+)\b/i.exec(clause);
  if (counted && Number(counted[1]) <= Number(counted[2])) {
    const share = Math.max(1, Math.floor((100 * Number(counted[1])) / Number(counted[2])));
    return { share, rest: clause.replace(counted[0], ' ') };
  }
  const found = SHARES.find(([pattern]) => pattern.test(clause));
  if (!found || found[1] < 0) return undefined;
  const rest = clause.replace(found[0], ' ').replace(/\b(?:done|finished)\b/i, ' ');
  return { share: found[1], rest };
}

/** `kitchen 60 bath 30`: a figure right behind a room is its weight. */
function weightsOf(clause: string, places: readonly PlaceId[], context: LogContext): number[] {
  const weights = places.map((id) => {
    const name = context.places.find((place) => place.id === id)?.name ?? '';
    const word = name.split(/\s+/).at(-1)?.slice(0, 4) ?? '';
    const match = new RegExp(`${escaped(word)}\\p{L}*\\s+[$€£]?(\\d+(?:\\.\\d{1,2})?)`, 'iu').exec(
      clause,
    );
    return match ? Number(match[1]) : 0;
  });
  return weights.every((weight) => weight > 0) ? weights : places.map(() => 1);
}

export function readMoney(
  clause: string,
  contextPlace: PlaceId | null,
  afterFind: boolean,
  context: LogContext,
): EntryOf<'money'> | undefined {
  const match = MONEY.exec(clause);
  const amount = match && parseMoney(match[0].replace('−', '-').trim());
  if (!match || !amount?.ok || amount.value === 0) return undefined;
  const refund = /\b(?:refund(?:ed)?|returned|money back)\b/i.test(clause) && amount.value > 0;
  const total = (refund ? -amount.value : amount.value) as Cents;
  const rest = `${clause.slice(0, match.index)} ${clause.slice(match.index + match[0].length)}`;
  const shop = SHOP.exec(rest);
  const shopIsPlace = shop !== null && placesIn(shop[1] ?? '', context).length > 0;
  const shopName = shop && !shopIsPlace ? (shop[1] ?? null) : null;
  const told = shopName && shop ? rest.replace(shop[0], ' ') : rest;
  const named = placesIn(told, context);
  const places: (PlaceId | null)[] = named.length > 0 ? named : [contextPlace];
  const weights = named.length > 1 ? weightsOf(told, named, context) : places.map(() => 1);
  const parts = splitCents(total, weights);
  const extra = /\b(?:extra|unplanned|unexpected|unforeseen|contingency)\b/i.test(clause);
  return {
    kind: 'money',
    what: wordsFor(told, context) || spendKindOf(rest),
    spend: spendKindOf(rest),
    shares: places.map((placeId, at) => ({ placeId, cents: parts[at] ?? total })),
    shop: shopName,
    drawsOn: extra || afterFind ? 'contingency' : 'budget',
  };
}

const FILLERS =
  /\b(?:paid|spent|bought|for|on|in|of|the|over|split|between|and|extra|unplanned|unexpected|refund(?:ed)?|returned|each|house|\d+(?:\.\d+)?)\b/giu;

const wordsFor = (text: string, context: LogContext): string =>
  withoutPlaces(text, context).replace(FILLERS, ' ').replace(/\s+/g, ' ').trim().slice(0, 120);

export function readMaterial(
  clause: string,
  contextPlace: PlaceId | null,
  context: LogContext,
): EntryOf<'material'> | undefined {
  const match = MATERIAL.exec(clause);
  if (!match) return undefined;
  const said = (match[1] ?? '').toLowerCase();
  const amount = said.startsWith('half')
    ? 0.5
    : /^an?$/.test(said)
      ? 1
      : Number(said.replace(',', '.'));
  const what = wordsFor(match[3] ?? '', context);
  if (!what || amount <= 0) return undefined;
  return {
    kind: 'material',
    what,
    thousandths: Math.round(amount * 1000),
    unit: (match[2] ?? '').toLowerCase(),
    placeId: placesIn(match[3] ?? '', context)[0] ?? contextPlace,
  };
}
