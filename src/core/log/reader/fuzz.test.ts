import fc from 'fast-check';
import { addCents } from '../../units';
import { contextOf } from './context';
import { TERRACE } from '../../testing/lines/houses';
import { logJobs } from './log-jobs';
import { plainEntry } from './plain';
import { readLine, settle } from './read';

const context = contextOf(TERRACE.project, logJobs(TERRACE.project), TERRACE.today);

/** Scraps of evenings; each kind of statement has some. */
const SCRAPS = [
  '2h30',
  'me',
  'Ana',
  'Bert',
  'Tom',
  'taping',
  'back bedroom',
  'done',
  '$18.40',
  'screws',
  'found',
  'rot',
  ',',
  ';',
  '.',
  'and',
  'then',
  'kitchen',
  'half',
  '1 bucket',
  'compound',
  'yesterday',
  'tomorrow',
  '12',
  '€',
  '%',
  'strip walls',
  'quote',
  '2,400',
  'roof',
  'not',
  'ordered',
  'delivered',
  'short',
  '18 sheets',
  'passed',
  'rough electrical',
  'needs 24 hours to dry',
  'owe',
  'measured',
  "12' 4\" by 8'",
  'rained',
  'decided',
  'left over',
  'at Marl Timber',
  '7 to 9 pm',
  'last weekend',
  '3/7',
  'no sorry',
  'not 3 but 2',
  '-',
  '?',
  'same as yesterday',
];
const talk = fc.array(fc.constantFrom(...SCRAPS), { maxLength: 16 }).map((all) => all.join(' '));

const textOf = (value: unknown): string => JSON.stringify(value).toLowerCase();

/** Everything a reading says: entries, and the choices of its questions. */
function allOf(line: string) {
  const reading = readLine(line, context);
  const { entries, open } = settle(reading);
  const offered = open.flatMap(({ choices }) => choices.flatMap((choice) => choice.entries));
  return { reading, entries, open, offered };
}

describe('whatever is said', () => {
  it('nothing throws: letters of any script, and talk in any order', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string({ unit: 'binary', maxLength: 300 }), talk), (line) => {
        expect(() => allOf(line)).not.toThrow();
      }),
      { numRuns: 2_000 },
    );
  });

  it.each([
    ['six thousand letters', 'taping back bedroom 2h '.repeat(260)],
    ['ten thousand of one', 'a'.repeat(10_000)],
    ['emoji', '🛁🔨 2h me taping back bedroom 🎉'],
    ['another script', '今日は二時間、壁を塗った'],
    ['thirty hours', '30 hours taping back bedroom'],
    ['negative time', '-3h taping back bedroom'],
    ['a giant sum', '$999999999999999 nails'],
    ['two currencies', '$40 and €50 for paint'],
    ['nothing but signs', '?!.,;:-–—()[]{}'],
  ])('%s makes no entry that the journal would refuse', (_, line) => {
    const { entries } = allOf(line);
    for (const entry of entries) {
      if (entry.kind === 'hours') expect(entry.minutes).toBeLessThanOrEqual(16 * 60);
      if (entry.kind === 'money') {
        expect(Math.abs(addCents(entry.shares.map(({ cents }) => cents)))).toBeLessThan(400_001);
      }
    }
  });

  it('every time, sum and percentage of a line stands in an entry or a question', () => {
    const figure = fc.oneof(
      fc
        .integer({ min: 1, max: 9 })
        .map((hours) => ({ said: `${hours}h`, kept: `"minutes":${hours * 60}` })),
      fc.integer({ min: 101, max: 39_999 }).map((cents) => ({
        said: `$${Math.floor(cents / 100)}.${String(cents % 100).padStart(2, '0')}`,
        kept: `${cents}`,
      })),
    );
    const around = fc.array(
      fc.constantFrom(
        'me',
        'taping',
        'back bedroom',
        'screws',
        'paid',
        'priming',
        'at Marl Timber',
      ),
      { maxLength: 4 },
    );
    fc.assert(
      fc.property(figure, around, around, ({ said, kept }, before, behind) => {
        const line = [...before, said, ...behind].join(' ');
        const { entries, open, offered } = allOf(line);
        const text = textOf([entries, offered, open.map(({ about }) => about)]);
        expect({ line, holds: text.includes(kept) || text.includes(said.toLowerCase()) }).toEqual({
          line,
          holds: true,
        });
      }),
      { numRuns: 1_000 },
    );
  });

  it('every word is held by a statement, or is joining talk', () => {
    fc.assert(
      fc.property(talk, (line) => {
        const { reading } = allOf(line);
        const spans = [...reading.parts.map(({ span }) => span), ...reading.ignored];
        for (const { index, 0: word } of line.matchAll(/[\p{L}\p{N}]+/gu)) {
          const isHeld = spans.some(({ from, to }) => from <= index && index + word.length <= to);
          const isDay = /^(?:yesterday|tomorrow|last|weekend|3|7)$/.test(word);
          expect({ line, word, isHeld: isHeld || isDay }).toEqual({ line, word, isHeld: true });
        }
      }),
      { numRuns: 1_000 },
    );
  });

  it('entries come only from words that are there', () => {
    const names: Record<string, string> = { ana: 'ana', bert: 'bert' };
    fc.assert(
      fc.property(talk, (line) => {
        const { reading, entries } = allOf(line);
        const said = line.toLowerCase();
        for (const entry of entries) {
          const plain = plainEntry(entry, reading.date);
          const name = names[String(plain.who)];
          if (name && entry.kind === 'hours' && !said.includes('same as'))
            expect(said).toContain(name);
          if (plain.kind === 'spend' || plain.kind === 'quote') expect(said).toMatch(/\d/);
          // A job brings its own room along.
          const brings = entries.some((one) => 'jobId' in one && one.jobId?.startsWith('kitchen/'));
          if (plain.room === 'kitchen' && !brings) expect(said).toContain('kitchen');
        }
      }),
      { numRuns: 1_000 },
    );
  });

  it('joining words in front, and statements in another order, change nothing', () => {
    const statement = fc.constantFrom(
      '2h me taping back bedroom',
      '1h Ana priming hall',
      '$18.40 screws kitchen',
      'used 2 bags of compound in the front bedroom',
      'quote 2,400 roof',
      'rough electrical passed',
    );
    const sorted = (line: string) =>
      allOf(line)
        .entries.map((entry) => JSON.stringify(entry))
        .sort();
    fc.assert(
      fc.property(fc.uniqueArray(statement, { minLength: 2, maxLength: 4 }), (statements) => {
        const line = statements.join('; ');
        expect(sorted(statements.toReversed().join('; '))).toEqual(sorted(line));
        expect(sorted(`ok so ${line}`)).toEqual(sorted(line));
        expect(sorted(`well, ${line} and that was it`).length).toBeGreaterThanOrEqual(
          sorted(line).length,
        );
      }),
    );
  });

  it('receipts keep their sum over any rooms', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 399_999 }), (value) => {
        const money = `$${Math.floor(value / 100)}.${String(value % 100).padStart(2, '0')}`;
        const [entry] = allOf(`${money} tile for kitchen and bathroom and back bedroom`).entries;
        const shares = entry?.kind === 'money' ? entry.shares : [];
        expect(shares).toHaveLength(3);
        expect(addCents(shares.map(({ cents }) => cents))).toBe(value);
      }),
    );
  });
});
