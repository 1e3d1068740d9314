import type { LogContext, Part } from '@/core/log/reader';
import { kindKeys, kindTitle, type Entry, type EntryOf, type Project } from '@/core/house';
import { parseDay } from '@/core/log/reader/fields';
import {
  addCents,
  addDays,
  formatDate,
  formatMinutes,
  formatMoney,
  parseDuration,
  parseMoney,
  type Currency,
  type PlainDate,
} from '@/core/units';
import type { Offer, SlotChip } from './SlotChips';

type Known = {
  context: LogContext;
  today: PlainDate;
  currency: Currency;
  ownKinds: Project['ownKinds'];
  jobLabel: (jobId: string) => string;
  placeLabel: (placeId: string | null) => string;
};

const isHours = (entry: Entry): entry is EntryOf<'hours'> => entry.kind === 'hours';

const others = (offers: readonly Offer[], now: string): Offer[] =>
  offers.filter(({ value }) => value !== now);

/** The slots of a statement that may be put right beside the line, by what it came to. */
export function chipsOf(part: Part, known: Known): SlotChip[] {
  const { entries } = part;
  const hours = entries.filter(isHours);
  const money = entries.find((entry): entry is EntryOf<'money'> => entry.kind === 'money');
  const progress = entries.find((entry): entry is EntryOf<'progress'> => entry.kind === 'progress');
  const placed = entries.find((entry) => 'placeId' in entry && entry.kind !== 'hours');
  const chips: SlotChip[] = [];
  if (hours.length > 0) chips.push(whoChip(hours, known), minutesChip(hours));
  if (hours.length > 0 || progress) {
    chips.push(jobChip(part, hours[0]?.jobId ?? progress?.jobId ?? null, known));
  }
  if (progress?.share !== undefined) chips.push(shareChip(progress.share));
  if (money) chips.push(amountChip(money, known), ...receiptChips(money, known));
  const room = money?.shares.length === 1 ? money.shares[0]?.placeId : undefined;
  const placeId =
    hours[0] && hours[0].jobId === null
      ? hours[0].placeId
      : placed && 'placeId' in placed
        ? placed.placeId
        : undefined;
  const where = money ? room : placeId;
  if (where !== undefined) chips.push(roomChip(where, known));
  chips.push(dayChip(part.date, known));
  return chips;
}

function whoChip(hours: readonly EntryOf<'hours'>[], { context }: Known): SlotChip {
  const name = (id: string) => context.people.find((person) => person.id === id)?.name ?? id;
  const now = hours.map(({ personId }) => personId).join(' ');
  const each = context.people.map(({ id }) => ({ value: id as string, label: name(id) }));
  const self = context.people.find((person) => person.self);
  const pairs = context.people
    .filter((person) => self && !person.self)
    .map(({ id }) => ({
      value: `${self?.id ?? ''} ${id}`,
      label: `${name(self?.id ?? '')} and ${name(id)}`,
    }));
  return {
    slot: 'who',
    name: 'Who',
    label: hours.map(({ personId }) => name(personId)).join(' and '),
    offers: others([...each, ...pairs], now).slice(0, 6),
  };
}

function minutesChip(hours: readonly EntryOf<'hours'>[]): SlotChip {
  const first = hours[0]?.minutes ?? 0;
  const offer = (value: number): Offer => ({ value: `${value}`, label: formatMinutes(value) });
  return {
    slot: 'minutes',
    name: 'How long',
    label: hours.map(({ minutes }) => formatMinutes(minutes)).join(', '),
    offers: [first - 30, first + 30, first + 60].filter((value) => value > 0).map(offer),
    hint: 'Such as 2h30',
    search: (typed) => {
      const read = parseDuration(typed);
      return read.ok && read.value > 0 ? [offer(read.value)] : [];
    },
  };
}

function jobChip(part: Part, now: string | null, { context, jobLabel }: Known): SlotChip {
  const offer = (jobId: string): Offer => ({ value: jobId, label: jobLabel(jobId) });
  return {
    slot: 'job',
    name: 'Job',
    label: now === null ? 'no job' : jobLabel(now),
    offers: [
      ...others(part.jobs.map(offer), now ?? '').slice(0, 3),
      ...(now === null ? [] : [{ value: '', label: 'No job' }]),
    ],
    hint: 'A word of the job or its room',
    search: (typed) => {
      const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
      if (words.length === 0) return [];
      return context.jobs
        .map(({ id }) => offer(id))
        .filter(({ label }) => words.every((word) => label.toLowerCase().includes(word)));
    },
  };
}

const shareChip = (share: number): SlotChip => ({
  slot: 'share',
  name: 'How far',
  label: share === 100 ? 'done' : `${share}%`,
  offers: others(
    [100, 75, 50, 25].map((value) => ({
      value: `${value}`,
      label: value === 100 ? 'Done' : `${value}%`,
    })),
    `${share}`,
  ),
  hint: 'Percent of the whole job',
  search: (typed) => {
    const value = Number(typed.replace('%', '').trim());
    return value >= 1 && value <= 100
      ? [{ value: `${Math.floor(value)}`, label: `${Math.floor(value)}%` }]
      : [];
  },
});

function amountChip(money: EntryOf<'money'>, { currency }: Known): SlotChip {
  const total = addCents(money.shares.map(({ cents }) => cents));
  return {
    slot: 'amount',
    name: 'Amount',
    label: formatMoney(total, currency),
    offers: [],
    hint: 'Such as 62.40; below nought for money back',
    search: (typed) => {
      const read = parseMoney(typed.replace('−', '-'));
      return read.ok && read.value !== 0
        ? [{ value: `${read.value}`, label: formatMoney(read.value, currency) }]
        : [];
    },
  };
}

const receiptChips = (money: EntryOf<'money'>, { context, ownKinds }: Known): SlotChip[] => [
  {
    slot: 'shop',
    name: 'Shop',
    label: money.shop ?? 'no shop',
    offers: others(
      [
        ...context.shops.slice(-3).map(({ name }) => ({ value: name, label: name })),
        { value: '', label: 'No shop' },
      ],
      money.shop ?? '',
    ),
    search: (typed) => {
      const name = typed.trim();
      const known = context.shops
        .filter((shop) => shop.name.toLowerCase().includes(name.toLowerCase()))
        .map((shop) => ({ value: shop.name, label: shop.name }));
      return name === '' ? known : [...known, { value: name, label: `“${name}”` }];
    },
  },
  {
    slot: 'spend',
    name: 'Kind of spending',
    label: kindTitle(ownKinds, money.spend),
    offers: others(
      kindKeys(ownKinds).map((value) => ({
        value,
        label: kindTitle(ownKinds, value),
      })),
      money.spend,
    ),
  },
  {
    slot: 'paid-from',
    name: 'Paid from',
    label: `from ${money.drawsOn}`,
    offers: others(
      [
        { value: 'budget', label: 'the budget' },
        { value: 'contingency', label: 'contingency' },
      ],
      money.drawsOn,
    ),
  },
];

function roomChip(now: string | null, { context, placeLabel }: Known): SlotChip {
  const all: Offer[] = [
    ...context.places.map(({ id, name }) => ({ value: id as string, label: name })),
    { value: '', label: placeLabel(null) },
  ];
  return {
    slot: 'room',
    name: 'Room',
    label: placeLabel(now),
    offers: others(all, now ?? '').slice(0, 3),
    search: (typed) => all.filter(({ label }) => label.toLowerCase().includes(typed.toLowerCase())),
  };
}

function dayChip(now: PlainDate, { today, context }: Known): SlotChip {
  const offer = (value: PlainDate): Offer => ({
    value,
    label: value === today ? 'today' : formatDate(value, today),
  });
  return {
    slot: 'day',
    name: 'Day',
    label: offer(now).label,
    offers: others([today, addDays(today, -1), addDays(today, -2)].map(offer), now).slice(0, 3),
    hint: 'Such as Tue, 9 Mar or 3/9',
    search: (typed) => {
      const day = parseDay(typed, today, context.dateOrder);
      return day ? [offer(day)] : [];
    },
  };
}
