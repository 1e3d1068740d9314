import { idOf } from '../../testing/ids';
import type { Answer, Entry } from '../../house';
import type { EventBodyOf } from '../../journal';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { TICKS_PER_INCH, plainDate, ticks } from '../../units';
import { contextOf, readLine, settle } from '.';
import { logJobs } from './log-jobs';

const inches = (count: number) => ticks(count * TICKS_PER_INCH);
const window = {
  wall: 1,
  kind: 'window' as const,
  offset: inches(40),
  width: inches(30),
  height: inches(40),
  sill: inches(40),
};
/** 16 ft along, 10 ft deep; a window in the second wall. */
const kitchen = { ...place('kitchen', 'kitchen', 16, 'Kitchen'), openings: [window] };
const project = houseOf(
  added(kitchen),
  added(place('bath', 'bathroom', 8, 'Bathroom')),
  chosen('kitchen', 'reline'),
);
const today = plainDate('2026-03-14');
const context = contextOf(project, logJobs(project), today);
const settled = (line: string, answers: readonly Answer[] = []) =>
  settle(readLine(line, context, today, answers));
const entries = (line: string): Entry[] => settled(line).entries;

const COLD = {
  kind: 'behind',
  what: 'supply',
  offset: inches(22),
  height: inches(36),
  note: null,
  placeId: 'kitchen',
  at: { kind: 'wall', wall: 1 },
};

describe('a thing behind a wall, said in the evening', () => {
  it('is read with its wall, its room and its run', () => {
    expect(settled('cold supply 22 from the left, 36 up, kitchen window wall')).toEqual({
      entries: [COLD],
      open: [],
    });
    expect(
      entries(`kitchen wall 2: cold pipe 22" from the left, 36" up, up to the ceiling`),
    ).toEqual([{ ...COLD, to: { offset: inches(22), height: kitchen.height } }]);
  });

  it('is counted from the left though it was said from the right: 10 ft less 22 in', () => {
    expect(entries('drain 22 from the right, 18 up, kitchen wall 2')).toEqual([
      { ...COLD, what: 'drain', offset: inches(98), height: inches(18) },
    ]);
  });

  it('goes on at the wall that was spoken of', () => {
    expect(
      entries(
        'kitchen window wall: cold supply 22 from the left, 36 up; drain 30 from the left, 18 up',
      ),
    ).toEqual([COLD, { ...COLD, what: 'drain', offset: inches(30), height: inches(18) }]);
  });

  it('asks which wall, and then which room, rather than guess', () => {
    const wall = settled('gas 22 from the left, 36 up in the kitchen').open;
    expect(wall.map(({ code }) => code)).toEqual(['which-wall']);
    expect(wall[0]?.choices.length).toBe(5);
    const second = wall[0]?.choices[1]?.answer;
    expect(
      second && settled('gas 22 from the left, 36 up in the kitchen', [second]).entries,
    ).toEqual([{ ...COLD, what: 'gas' }]);
    expect(settled('gas 22 from the left, 36 up').open[0]?.code).toBe('which-room');
  });

  it('is not taken past the end of the wall, nor into its window', () => {
    for (const spot of [
      '130 from the left, 36 up',
      '50 from the left, 60 up',
      '22 from the left, 140 up',
    ]) {
      const { entries: kept, open } = settled(`cable ${spot}, kitchen wall 2`);
      expect(kept).toEqual([]);
      expect(open[0]?.code).toBe('not-on-wall');
    }
  });

  it('waits until it is said which corner a wall that changed is counted from', () => {
    const record: EventBodyOf = {
      type: 'wallRecorded',
      payload: {
        id: 'w1',
        placeId: idOf('kitchen'),
        wall: 'Wall 1',
        at: { kind: 'wall', wall: 0 },
        on: today,
        holds: [{ what: 'gas', offset: inches(22), height: inches(36), note: null }],
        of: { length: inches(180), walls: 4 },
      },
    };
    const house = houseOf(added(kitchen), record);
    const read = (line: string) => settle(readLine(line, contextOf(house, [], today), today));
    const { entries: kept, open } = read('cable 60 from the left, 48 up, kitchen wall 1');
    expect([kept, open[0]?.code]).toEqual([[], 'wall-changed']);
    // What is recorded there already is only said again, and another wall is free.
    expect(read('gas 22 from the left, 36 up, kitchen wall 1').open).toEqual([]);
    expect(read('cable 60 from the left, 48 up, kitchen wall 3').open).toEqual([]);
  });

  it('says what it hangs on and what is for later', () => {
    expect(entries('capped stub 40 from the left, 4 up, kitchen wall 1, left for later')).toEqual([
      {
        ...COLD,
        what: 'stub',
        offset: inches(40),
        height: inches(4),
        later: true,
        at: { kind: 'wall', wall: 0 },
      },
    ]);
    expect(entries('cable 40 from the left, 48 up, kitchen wall 1, on breaker 4')).toMatchObject([
      { what: 'cable', hangsOn: 'breaker 4' },
    ]);
  });

  it('is not looked for in a line of figures without end', () => {
    const line = `pipe ${'9'.repeat(9_000)} from the left, ${'1 '.repeat(200)}up`;
    expect(entries(line).some(({ kind }) => kind === 'behind')).toBe(false);
  });

  it('is centimetres in a house of metres', () => {
    const metric = contextOf({ ...project, units: 'metric' }, [], today);
    const { entries: kept } = settle(
      readLine('cold supply 55 from the left, 90 up, kitchen window wall', metric),
    );
    expect(kept).toMatchObject([{ offset: 55 * 3200, height: 90 * 3200 }]);
  });
});

describe('the punch list, said in the evening', () => {
  it('takes what is to be put right with its room', () => {
    expect(entries('punch list: paint chipped beside the bathroom door')).toEqual([
      { kind: 'punch', what: 'paint chipped beside the bathroom door', placeId: 'bath' },
    ]);
    expect(entries('snag: kitchen drawer sticks')).toEqual([
      { kind: 'punch', what: 'kitchen drawer sticks', placeId: 'kitchen' },
    ]);
  });

  it('leaves hours on the punch list hours', () => {
    expect(entries('2h on the punch list in the bathroom').map(({ kind }) => kind)).toContain(
      'hours',
    );
  });
});
