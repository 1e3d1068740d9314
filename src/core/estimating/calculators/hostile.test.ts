import fc from 'fast-check';
import { answerTakeoff, sayRequestError, CALCULATORS, type Field } from '.';

/**
 * Requests nobody means: sizes of a motorway, dust, junk and the wrong kind of thing, in every field of every sum. Each
 * comes to sane figures or to one short line of refusal.
 */
const JUNK: fc.Arbitrary<unknown> = fc.constantFrom<unknown>(
  {},
  [],
  null,
  '',
  -1,
  0,
  1e308,
  'NaN',
  '-3 ft',
  "999999999'",
  '1e9 m',
  "984'",
  '1/64"',
  '0.01 mm',
  'x'.repeat(3_000),
  { toString: 'no' },
  Array.from({ length: 600 }, () => '1"'),
  true,
);

function anyValue(field: Field): fc.Arbitrary<unknown> {
  switch (field.type) {
    case 'length':
    case 'lengths':
      return fc.oneof(JUNK, fc.constantFrom('1"', "1'", "8'", "40'", "300'"));
    case 'number':
    case 'numbers':
      return fc.oneof(
        JUNK,
        fc.constantFrom(1, 2, 50),
        'least' in field ? fc.constantFrom(field.least, field.most) : JUNK,
      );
    case 'choice':
      return fc.oneof(JUNK, fc.constantFrom(...field.options));
    case 'flag':
      return fc.oneof(JUNK, fc.boolean());
  }
}

const ROOM = {
  walls: [{ length: "12'" }, { length: "10'" }, { length: "12'" }, { length: "10'" }],
  height: "8'",
  openings: [{ wall: 0, kind: 'door', offset: "2'", width: '30"', height: '80"' }],
};

const anyRequest = fc.constantFrom(...CALCULATORS).chain(({ kind, fields }) =>
  fc.record({
    units: fc.constantFrom('imperial', 'metric'),
    room: fc.oneof(fc.constant(ROOM), fc.constant(undefined)),
    finish: fc
      .record(
        Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, anyValue(field)])),
        { requiredKeys: [] },
      )
      // A few fields at a time: with all of them wrong only the first is ever looked at.
      .chain((all) =>
        fc.shuffledSubarray(Object.keys(all)).map((names) => ({
          kind,
          ...Object.fromEntries(names.slice(0, 4).map((name) => [name, all[name]])),
        })),
      ),
  }),
);

const MOST_READ = 1_200;

it('any request comes to sane figures, or to one short line of refusal', () => {
  let worked = 0;
  fc.assert(
    fc.property(anyRequest, (request) => {
      const answer = answerTakeoff(JSON.stringify(request));
      if (!answer.ok) {
        const { path, reason } = sayRequestError(answer.error.error, answer.error.units);
        expect(`${path}: ${reason}`).not.toMatch(/\n|\[object/);
        expect(`${path}: ${reason}`.length).toBeLessThan(400);
        return;
      }
      worked += 1;
      expect(answer.value.lines.length).toBeLessThan(100);
      for (const { quantity, working } of answer.value.lines) {
        expect(quantity).toBeGreaterThanOrEqual(0);
        expect(Number.isFinite(quantity)).toBe(true);
        expect(working.length).toBeLessThan(MOST_READ);
      }
    }),
    { numRuns: 600 },
  );
  expect(worked).toBeGreaterThan(100);
});
