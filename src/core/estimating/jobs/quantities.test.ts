import { planningInputOf, extentsOf, rectangle, type Place } from '../../house';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { AREA_PER_SQFT, TICKS_PER_FOOT, fromFeet } from '../../units';
import { STEPS, CAUTIONS, verbOf, operationOf } from '../../trade/steps';
import { expandJobs } from '.';

const GROWS = new Set([
  'floor',
  'ceiling',
  'walls',
  'outer-walls',
  'face',
  'surfaces',
  'surround',
  'roof',
  'perimeter',
]);
const lines = STEPS.flatMap((step) => step.materials.map((use) => ({ step, use })));
const grows = ({ step }: (typeof lines)[number]) =>
  step.work.kind === 'labour' && GROWS.has(step.work.measure);
const sqft = (value: number) => Math.round(value / AREA_PER_SQFT);

describe('what is bought', () => {
  it('no set, kit, lot or job is multiplied by an area or a run', () => {
    const wrong = lines.filter(
      (line) => grows(line) && !line.use.byJob && /^(set|kit|lot|job|hire)$/.test(line.use.unit),
    );
    expect(wrong.map(({ step, use }) => `${step.id}+${use.id}`)).toEqual([]);
  });

  it('what is sold by its coverage says it in both systems', () => {
    const silent = lines.filter((line) => grows(line) && !line.use.byJob && !line.use.metric);
    expect(silent.map(({ step, use }) => `${step.id}+${use.id}`)).toEqual([]);
  });

  it('both coverages agree as far as the sizes on sale do', () => {
    const SQM = 10.764;
    const FOOT = 3.281;
    const LITRES = 3.785;
    for (const { step, use } of lines.filter((line) => line.use.metric && grows(line))) {
      const isRun = step.work.kind === 'labour' && step.work.measure === 'perimeter';
      const metric =
        (use.metric?.per ?? 0) *
        (isRun ? FOOT : SQM) *
        (use.metric?.unit === 'litre' && use.unit === 'gallon' ? LITRES : 1);
      expect([`${step.id}+${use.id}`, metric / use.per > 0.3 && metric / use.per < 1.3]).toEqual([
        `${step.id}+${use.id}`,
        true,
      ]);
    }
  });

  it('a patched wall of 352 sq ft takes six patches, not four hundred sets', () => {
    const jobs = expandJobs(
      planningInputOf(houseOf(added(place('a')), chosen('a', 'patch-walls'))),
    );
    const mend = jobs.find(({ stepId }) => stepId === 'mend.walls');
    // 352 / 60 = 5.9, so 6.
    expect(mend?.materials[0]).toMatchObject({ units: 6 });
  });

  it('alarms: in and outside each bedroom and on each storey', () => {
    // Two bedrooms, one floor outside them, and a cellar: 2 + 1 + 1.
    const jobs = expandJobs(
      planningInputOf(
        houseOf(
          added(place('a')),
          added(place('b')),
          added(place('k', 'kitchen')),
          added({ ...place('c', 'cellar'), floor: -1 }),
        ),
      ),
    );
    expect(jobs.find(({ stepId }) => stepId === 'fit.alarms')?.quantity).toEqual({
      kind: 'count',
      count: 4,
    });
  });

  it('one job of titles: singular and plural as they are', () => {
    const titleOf = (count: number) =>
      expandJobs(
        planningInputOf(houseOf(added(place('a')), chosen('a', 'inside-doors', count))),
      ).find(({ stepId }) => stepId === 'trim.doors')?.title;
    expect([titleOf(1), titleOf(3)]).toEqual(['Hang the inside door', 'Hang the 3 inside doors']);
  });
});

describe('what is measured', () => {
  const of = (kind: Place['kind'], more: Partial<Place> = {}) => {
    const { floor, ceiling, walls, wallsGross, run } = extentsOf({
      ...place('p', kind),
      walls: rectangle(fromFeet(40), fromFeet(10)),
      height: fromFeet(9),
      ...more,
    });
    return [sqft(floor), sqft(ceiling), sqft(walls), sqft(wallsGross), run / TICKS_PER_FOOT];
  };

  it('a face kept as four runs is its first run by its height', () => {
    expect(of('outside-face')).toEqual([0, 0, 360, 360, 40]);
  });

  it('a gable adds its triangle: 40 ft at 6 in 12 is 200 sq ft', () => {
    expect(of('outside-face', { ceiling: { kind: 'vaulted', pitch: 6, shape: 'gable' } })[3]).toBe(
      560,
    );
  });

  it('siding goes round small holes for nothing, and wrap round all', () => {
    const hole = (width: number, height: number) => ({
      wall: 0,
      kind: 'window' as const,
      offset: fromFeet(1),
      width: fromFeet(width),
      height: fromFeet(height),
      sill: fromFeet(3),
    });
    const [, , net, gross] = of('outside-face', {
      openings: [hole(3, 3), { ...hole(4, 5), offset: fromFeet(10) }],
    });
    expect([net, gross]).toEqual([340, 360]);
  });

  it('a roof is its plan by its pitch, 6 in 12 until it is measured', () => {
    expect(of('roof')[1]).toBe(447);
    expect(of('roof', { ceiling: { kind: 'vaulted', pitch: 12, shape: 'gable' } })[1]).toBe(566);
  });

  it('ground is an area without walls', () => {
    expect(of('yard')).toEqual([400, 0, 0, 0, 100]);
  });
});

describe('cautions', () => {
  it('power stands on every ceiling, wall and fixture taken out', () => {
    for (const id of [
      'demo.ceiling',
      'demo.walls',
      'demo.fixtures',
      'demo.partition',
      'demo.part',
      'demo.wall',
    ]) {
      const step = STEPS.find((each) => each.id === id);
      expect([id, step?.cautions.includes('power')]).toEqual([id, true]);
    }
  });

  it.each([
    ['demo.fixtures', 'gas'],
    ['demo.fixtures', 'dust'],
    ['demo.fixtures', 'cast-iron'],
    ['structure.joists', 'open-joists'],
    ['demo.floor', 'open-joists'],
    ['roof.section', 'lead-asbestos'],
    ['demo.siding', 'lead-asbestos'],
    ['demo.ceiling', 'plaster-ceiling'],
    ['structure.beam', 'two-at-beam'],
    ['opening.set', 'glass'],
    ['insulate.blown', 'attic'],
    ['insulate.blown', 'buried-cable'],
    ['floor.finish', 'floor-fumes'],
    ['floor.finish', 'rags'],
    ['base.dig', 'trench'],
    ['base.dig', 'overhead'],
    ['rough.panel', 'live-panel'],
    ['fit.stove', 'co'],
    ['insulate.seal', 'foam'],
    ['outside.siding', 'fibre-cement'],
    ['chimney.out', 'chimney'],
    ['level.jack', 'jacking'],
    ['look.open', 'droppings'],
    ['safe.dust-wall', 'negative-pressure'],
    ['survey.test', 'sampling'],
  ] as const)('%s carries %s', (id, caution) => {
    expect(STEPS.find((step) => step.id === id)?.cautions).toContain(caution);
  });

  it('none is written for nobody', () => {
    const used = new Set(STEPS.flatMap(({ cautions }) => cautions));
    expect(Object.keys(CAUTIONS).filter((id) => !used.has(id as never))).toEqual([]);
  });

  it('whatever opens, carries or closes an outside carries one', () => {
    const bare = STEPS.filter(
      ({ id, cautions, work }) =>
        [2, 3].includes(verbOf(operationOf(id)?.key ?? 0)) &&
        work.kind !== 'inspection' &&
        cautions.length === 0,
    );
    expect(bare.map(({ id }) => id)).toEqual([]);
  });
});
