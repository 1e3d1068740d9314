import type { Entry, PlaceId } from '../../house';
import { addDays, cents, daysBetween, minutes, type PlainDate } from '../../units';
import type { LogContext, LogLine } from './context';
import { ENOUGH } from './evidence';
import type { Facts } from './frames';
import { jobsAbove, jobsFor, placesSaid, type JobFit } from './jobs';
import { Phrase } from './line';
import type { Memory } from './reading';
import { sayingBehind, thingIn, trimmed } from './things';
import { vendorIn } from './money';
import { FILLER, stem, wordsIn } from '../../language/stems';
import { PUNCH_LEAD } from './words/punch';
import { ELEMENT_WORDS, SUSPICION_WORDS, first } from './words/finds';

/** Statements that are about one thing each. Every reader gives its entries, or none where a slot it needs is empty. */
type Reader = (facts: Facts, memory: Memory, context: LogContext) => Entry[];

const DAY = 24 * 60;

const placeOf = (stretch: Phrase, memory: Memory): PlaceId | null =>
  placesSaid(stretch).all[0] ?? memory.place;

/** How much of what: "18 sheets", "a box", "4 boards". A bare number counts the word behind it. */
function countedIn(stretch: Phrase): { thousandths: number; unit: string } | null {
  const [amount] = stretch.all('amount');
  if (amount) return { thousandths: Math.round(amount.value * 1000), unit: amount.unit };
  const [number] = stretch.all('number');
  if (!number || number.value <= 0) return null;
  return { thousandths: Math.round(number.value * 1000), unit: 'pieces' };
}

/** What is counted: the words, or the unit itself where it is the thing ("18 sheets delivered"). */
function what(stretch: Phrase, unit: string | null, cues: Parameters<typeof thingIn>[1]): string {
  const { used } = vendorIn(stretch);
  return thingIn(stretch, cues, used) || unit || '';
}

const find: Reader = (facts, memory) => {
  const { stretch } = facts;
  const text = sayingBehind(stretch, ['found']);
  const suspicion = first(SUSPICION_WORDS, stretch.text);
  const element = first(ELEMENT_WORDS, stretch.text);
  const isGuess = stretch.has('guess');
  const [time] = facts.durations;
  const [sum] = facts.money;
  return [
    {
      kind: 'find',
      text,
      placeId: placeOf(stretch, memory),
      ...(element ? { element } : {}),
      ...(suspicion ? { suspicion } : {}),
      ...(isGuess && time ? { minutes: minutes(time.minutes) } : {}),
      ...(isGuess && sum && sum.cents >= 0 ? { cents: cents(sum.cents) } : {}),
    },
  ];
};

const decision: Reader = (facts, memory) => {
  const { stretch, works } = facts;
  return [
    {
      kind: 'decision',
      text: works.length > 0 ? stretch.text : sayingBehind(stretch, ['decided']),
      placeId: placeOf(stretch, memory),
      ...(works.length > 0 ? { works } : {}),
    },
  ];
};

/** Talk in front of what is said. */
const TALK = /^(?:(?:well|ok|okay|so|um|uh|also|hey)[,\s]+)+/i;

const note: Reader = ({ stretch }, memory) => {
  const text = stretch.text.replace(TALK, '') || stretch.text;
  return text ? [{ kind: 'note', text, placeId: placeOf(stretch, memory) }] : [];
};

const weather: Reader = ({ stretch }) => [{ kind: 'weather', text: stretch.text }];

const next: Reader = (facts, memory) => {
  const { stretch } = facts;
  const [day] = facts.days;
  return [
    {
      kind: 'next',
      text: stretch.text.replace(/^next(?: up)?\s*:\s*/i, ''),
      day: day ? day.day.ahead : null,
      placeId: placeOf(stretch, memory),
    },
  ];
};

const material: Reader = ({ stretch }, memory) => {
  const counted = countedIn(stretch);
  if (!counted) return [];
  const thing = what(stretch, counted.unit, ['used', 'done', 'spent', 'in']).replace(
    /^(?:last|of)\s+/i,
    '',
  );
  return [{ kind: 'material', what: thing, ...counted, placeId: placeOf(stretch, memory) }];
};

const leftover: Reader = ({ stretch }, memory) => {
  const counted = countedIn(stretch);
  if (!counted) return [];
  return [
    {
      kind: 'leftover',
      what: what(stretch, counted.unit, ['left-over', 'in', 'ahead']),
      ...counted,
      placeId: placeOf(stretch, memory),
    },
  ];
};

const ordered: Reader = (facts, memory, context) => {
  const { today } = context;
  const { stretch } = facts;
  const counted = countedIn(stretch);
  const { name } = vendorIn(stretch);
  const thing = trimmed(
    what(stretch, counted?.unit ?? null, ['ordered', 'delivered', 'ahead', 'guess', 'due']).replace(
      /\b(?:coming|arrives?|comes?|due|takes|lead time|will be here|should|from)\b.*$/i,
      '',
    ),
  );
  const placeId = placeOf(stretch, memory);
  const line = lineFor(thing, placeId, context, (state) =>
    /^(?:to-order|to-choose|to-measure|short|damaged|wrong)$/.test(state),
  );
  return [
    {
      kind: 'ordered',
      what: thing || stretch.text,
      thousandths: counted?.thousandths ?? null,
      unit: counted?.unit ?? null,
      due: dueOf(facts, today),
      shop: name,
      ...(line ? { lineId: line.lineId, leadDays: line.leadDays } : {}),
      placeId,
    },
  ];
};

/** The line of the takeoff that a thing is: the one whose words it shares most, in its room where one is said. */
function lineFor(
  thing: string,
  placeId: PlaceId | null,
  { lines }: LogContext,
  isOpen: (state: string) => boolean,
): LogLine | null {
  const said = new Set(wordsIn(thing).map(stem));
  const fits = lines
    .filter((line) => isOpen(line.state) && (placeId === null || line.placeId === placeId))
    .map((line) => {
      const words = wordsIn(line.what).map(stem);
      return {
        line,
        fit: words.filter((word) => said.has(word)).length / Math.max(1, words.length),
      };
    })
    .filter(({ fit }) => fit >= 0.5)
    .sort((a, b) => b.fit - a.fit);
  const [best, second] = fits;
  // One of several rooms' lines would be a guess.
  return best && (!second || best.fit > second.fit) ? best.line : null;
}

/** The day something is to come: the last day said that lies ahead, or so many weeks from now. */
function dueOf(facts: Facts, today: PlainDate): PlainDate | null {
  const ahead = facts.days.filter(({ day }) => day.tells !== 'past').at(-1);
  if (ahead) return ahead.day.ahead;
  const [span] = facts.spans;
  return span ? addDays(today, Math.round(span.days)) : null;
}

const delivered: Reader = (facts, memory, context) => {
  const { stretch } = facts;
  const things = [
    ...stretch
      .all('amount')
      .map(({ at, value, unit }) => ({ at, thousandths: Math.round(value * 1000), unit })),
    ...stretch
      .all('number')
      .map(({ at, value }) => ({ at, thousandths: Math.round(value * 1000), unit: 'pieces' })),
  ].sort((a, b) => a.at - b.at);
  const state = stretch.has('short')
    ? 'short'
    : stretch.has('damaged')
      ? 'damaged'
      : stretch.has('wrong')
        ? 'wrong'
        : 'whole';
  const fault = (['short', 'damaged', 'wrong'] as const).flatMap(
    (cue) => stretch.cueAt(cue) ?? [],
  )[0];
  // "20 boards, two short": the figure in front of the fault is what is missing.
  const missing = fault ? things.filter(({ at }) => at < fault.at).at(-1) : undefined;
  const isOnly =
    missing !== undefined &&
    things.length === 1 &&
    facts.content > 0 &&
    !startsWith(stretch, missing.at);
  const whole =
    things.find((thing) => thing !== missing) ??
    (missing && !isOnly && things.length === 1 && state !== 'short' ? missing : undefined);
  const faulty = missing && missing !== whole ? missing : undefined;
  const arrived = stretch.cueAt('delivered')?.at ?? cameAt(stretch) ?? stretch.at;
  const thing = what(beforeArrival(stretch, arrived), whole?.unit ?? null, [
    'delivered',
    'short',
    'damaged',
    'wrong',
    'whole',
    'in',
    'done',
    'not-done',
    'ahead',
    'used',
  ])
    .replace(/\b(?:came|come|comes|got|all)\b/gi, ' ')
    .replace(/\s+/g, ' ')
    .replace(/^(?:of|the|a)\s+/i, '')
    .replace(/\s+(?:but|was|were|is|are|it|today|one|of|them)(?:\s.*)?$/i, '')
    .trim();
  const placeId = placeOf(stretch, memory);
  const line = lineFor(thing, placeId, context, (state) => state !== 'here' && state !== 'fitted');
  return [
    {
      kind: 'delivered',
      what: thing || stretch.text,
      thousandths: whole?.thousandths ?? null,
      unit: whole?.unit ?? null,
      state,
      missing: faulty?.thousandths ?? null,
      ...(line ? { lineId: line.lineId } : {}),
      placeId,
    },
  ];
};

/** "Stove delivered, glass cracked": the thing stands in front; "delivery of tiles": behind. */
function beforeArrival(stretch: Phrase, arrived: number): Phrase {
  const front = new Phrase(stretch.line, stretch.at, arrived);
  const telling = front
    .freeWords(() => true)
    .some((at) => !FILLER.has(stretch.line.tokens[at]?.word ?? ''));
  return telling ? front : stretch;
}

const cameAt = (stretch: Phrase): number | undefined => {
  const at = stretch.tokens.findIndex(({ word }) => /^(?:came|come|comes)$/.test(word));
  return at < 0 ? undefined : stretch.at + at;
};

const startsWith = (stretch: Phrase, at: number): boolean =>
  stretch.freeWords((mark) => mark.is !== 'cue').every((word) => word > at);

const wait: Reader = (facts, memory, context) => {
  const { stretch } = facts;
  const { all } = placesSaid(stretch);
  const [time] = facts.durations;
  const [span] = facts.spans;
  const [day] = facts.days;
  const until =
    day && day.day.ahead > context.today ? daysBetween(context.today, day.day.ahead) * DAY : 0;
  const length = time?.minutes ?? (span ? Math.round(span.days * DAY) : until);
  if (length <= 0) return [];
  const [fit] = jobsFor(stretch.stems(), all, memory, context, facts.steps);
  return [
    {
      kind: 'wait',
      what:
        thingIn(stretch, ['waits', 'ahead', 'guess', 'in', 'not-done']).replace(
          /\s+(?:needs?|is|has|must|before|until|till|for|let)\b.*$/i,
          '',
        ) || 'setting',
      minutes: minutes(length),
      jobId: fit?.job.id ?? null,
      placeId: all[0] ?? fit?.job.placeId ?? memory.place,
    },
  ];
};

/** The visits an inspection may be: one on each floor, and those that are over last. */
export function visitsFor(facts: Facts, memory: Memory): JobFit[] {
  const holds = facts.steps.filter(({ step }) =>
    step.jobs.some(({ id }) => /\/(?:hold|final)\./.test(id)),
  );
  return jobsAbove(ENOUGH / 2, [], memory, holds);
}

const inspection: Reader = (facts, memory) => {
  const { stretch } = facts;
  const job = visitsFor(facts, memory)[0]?.job ?? null;
  const failed = stretch.cueAt('failed');
  const passed = !failed && stretch.has('passed');
  const [day] = facts.days;
  const isBooked =
    day !== undefined &&
    (day.day.tells === 'ahead' ||
      facts.says(/^(?:booked|comes?|coming|scheduled|due|back|again|reinspect|reinspection)$/) ||
      (!failed && !passed));
  const which = job
    ? job.title.toLowerCase().replace(/\s+inspection$/, '')
    : thingIn(stretch, ['inspected', 'passed', 'failed', 'ahead']).toLowerCase();
  const note = failed ? reasonBehind(stretch, failed.to, day?.at ?? stretch.to) : '';
  return [
    {
      kind: 'inspection',
      which: which || 'inspection',
      jobId: job?.id ?? null,
      result: failed ? 'failed' : passed ? 'passed' : null,
      note: note || null,
      bookedFor: isBooked ? day.day.ahead : null,
    },
  ];
};

/** Why it failed: what stands behind "failed", up to when they come again. */
function reasonBehind(stretch: Phrase, from: number, to: number): string {
  const { line } = stretch;
  const text = line.text.slice(
    line.tokens[from]?.from ?? 0,
    to > from ? (line.tokens[to - 1]?.to ?? 0) : 0,
  );
  return text
    .replace(
      /[,;]?\s*(?:they|he|she|inspector)?\s*(?:comes?|coming|is coming|back)?\s*(?:back|again)?\s*(?:on)?\s*$/i,
      '',
    )
    .replace(/^(?:\s*the)?[\w\s-]*\binspection\b\s*[,;:-]?\s*/i, '')
    .replace(/^.*\bbecause of\b\s*/i, '')
    .replace(/[,;]?\s*re-?inspect\w*.*$/i, '')
    .replace(/^[\s:,;]*(?:because|for|due to|as)?\s*/i, '')
    .trim();
}

const measured: Reader = (facts, memory) => {
  const { stretch } = facts;
  return facts.sizes.flatMap(({ sizes }): Entry[] => {
    const [length, width, height] = sizes;
    if (length === undefined) return [];
    const { all } = placesSaid(stretch);
    const place = stretch.context.places.find(({ id }) => id === all[0]);
    const thing = thingIn(stretch, ['measured', 'in'])
      .replace(/\b(?:is|are|its)\b/gi, '')
      .trim();
    return [
      {
        kind: 'measured',
        what: thing || place?.name || 'size',
        placeId: all[0] ?? memory.place,
        size: {
          length,
          ...(width === undefined ? {} : { width }),
          ...(height === undefined ? {} : { height }),
        },
      },
    ];
  });
};

const favour: Reader = (facts, _memory, context) => {
  const { stretch } = facts;
  const [time] = facts.durations;
  if (!time) return [];
  const people = stretch.marked('person').filter(({ self, all }) => !self && !all);
  const owes = stretch.cueAt('owes');
  const ids = people.flatMap((mark) => mark.ids);
  const named = context.people.find(({ id }) => id === ids[0]);
  const stranger = strangerBeside(stretch);
  const who = named?.name ?? stranger ?? 'somebody';
  const cue = stretch.line.tokens[owes?.at ?? 0]?.word ?? '';
  const isFavour = /^favou?r$/.test(cue);
  const isPassive = cue === 'owed' || cue === 'is' || cue === 'are' || /owed/.test(stretch.text);
  // "Bert helped, so we owe him": who owes stands right in front.
  const subject =
    stretch.marked('person').findLast(({ at }) => owes !== undefined && at < owes.at) ??
    stretch.marked('person')[0];
  // "Piet owes us": the hours are ours. "Bert is owed", "we owe Ana": they are theirs.
  const isOwn = subject?.self === true || subject?.all === true;
  const isTheirs = isFavour
    ? // "Bert did me a favour": done by whoever is named first.
      !isOwn
    : isPassive || subject === undefined || owes === undefined || subject.at > owes.at || isOwn;
  return [
    {
      kind: 'favour',
      who,
      personId: named?.id ?? null,
      minutes: minutes(time.minutes),
      owed: isTheirs ? 'them' : 'us',
    },
  ];
};

function strangerBeside(stretch: Phrase): string | null {
  const owes = stretch.cueAt('owes');
  const free = stretch.freeWords(() => true);
  const beside = free.find((at) => at === (owes?.to ?? -1) || at === (owes?.at ?? -1) - 1);
  const capital = free.find((at) => /^\p{Lu}/u.test(stretch.line.tokens[at]?.text ?? ''));
  return stretch.line.tokens[capital ?? beside ?? -1]?.text ?? null;
}

const punch: Reader = ({ stretch }, memory) => [
  {
    kind: 'punch',
    what: stretch.text.replace(PUNCH_LEAD, ''),
    placeId: placeOf(stretch, memory),
  },
];

export const SAYINGS: Readonly<Record<string, Reader>> = {
  find,
  decision,
  note,
  weather,
  next,
  material,
  leftover,
  ordered,
  delivered,
  wait,
  inspection,
  measured,
  favour,
  punch,
};
