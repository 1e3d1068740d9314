/** Cut plans against proved optima, bounds and first-fit, and sheets against their area. */
import { readFileSync } from 'node:fs';
import {
  bestFirstFit,
  costOf,
  groundOf,
  planCuts,
  type CutProblem,
} from '../src/core/estimating/cuts';
import { FLAT, rectangle, type RoomShape } from '../src/core/house';
import { shareSheets } from '../src/core/estimating/layout';
import { seededRandom } from '../src/core/random';
import { hangRoom } from '../src/core/estimating/calculators';
import { fromFeet, fromInches } from '../src/core/units';

const FOLDER = 'bench/cutting';
const SIZES = [10, 30, 60, 100, 300];
const percent = (share: number) => `${(share * 100).toFixed(2)}%`;
const mean = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);

function firstFitPrice(problem: CutProblem): number {
  const ground = groundOf(problem);
  const plan = ground.ok ? bestFirstFit(ground.value) : undefined;
  return ground.ok && plan ? costOf(ground.value, plan) : Number.NaN;
}

function timed(problem: CutProblem) {
  const begin = performance.now();
  const plan = planCuts(problem);
  return { plan, ms: performance.now() - begin };
}

/** Pieces as a house asks for them: two and more alike, at most forty different ones, from 1 to 8 ft, on five lengths on sale. */
function problemOf(pieces: number): CutProblem {
  const random = seededRandom(pieces);
  const kinds = Math.min(40, Math.max(3, Math.round(pieces / 2)));
  return {
    kerf: 2,
    stock: [8, 10, 12, 14, 16].map((feet) => ({
      length: feet * 192,
      price: Math.round(feet * (90 + random() * 40)),
    })),
    pieces: Array.from({ length: kinds }, (_, at) => ({
      length: 192 + Math.floor(random() * 1_344),
      qty: Math.floor(pieces / kinds) + (at < pieces % kinds ? 1 : 0),
    })),
  };
}

export function cuttingRows(): string[][] {
  const best = JSON.parse(readFileSync(`${FOLDER}/best.json`, 'utf8')) as Record<
    string,
    { optimal: number }
  >;
  const runs = Object.entries(best).map(([name, { optimal }]) => {
    const problem = JSON.parse(readFileSync(`${FOLDER}/${name}.json`, 'utf8')) as CutProblem;
    const { plan, ms } = timed(problem);
    if (!plan.ok) throw new Error(`${name}: ${plan.error.code}`);
    const above = plan.value.price / optimal - 1;
    return { above, ms, proven: plan.value.proven, hand: firstFitPrice(problem) / optimal - 1 };
  });
  const rows = [
    [
      'cut plans above the optimum, mean',
      `${runs.length} instances`,
      percent(mean(runs.map(({ above }) => above))),
      `first-fit ${percent(mean(runs.flatMap(({ hand }) => (Number.isFinite(hand) ? [hand] : []))))}`,
    ],
    [
      'cut plans proved the cheapest',
      `${runs.length} instances`,
      `${runs.filter(({ proven }) => proven).length}`,
      `longest ${Math.max(...runs.map(({ ms }) => ms)).toFixed(0)} ms`,
    ],
  ];
  for (const size of SIZES) {
    const problem = problemOf(size);
    const { plan, ms } = timed(problem);
    if (!plan.ok) continue;
    const { price, lowerBound, proven } = plan.value;
    rows.push([
      'cut plan above its lower bound',
      `${size} pieces`,
      `${percent(price / lowerBound - 1)}${proven ? ', proved' : ''}, ${ms.toFixed(0)} ms`,
      `first-fit ${percent(firstFitPrice(problem) / lowerBound - 1)}`,
    ]);
  }
  return [...rows, ...sheetRows()];
}

const LONG_LOOKS = 90_000;
const add = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0);

/** Forty rooms of odd sizes: sheets bought against the area they cover, and against a search thirty times as long. */
function sheetRows(): string[][] {
  const random = seededRandom(40);
  const side = () => fromInches(96 + Math.floor(random() * 140));
  const rules = { lengths: [8, 10, 12].map(fromFeet), width: fromFeet(4), spacing: fromInches(16) };
  const rooms = Array.from({ length: 40 }, (): RoomShape => ({
    walls: rectangle(side(), side()),
    height: fromInches(94 + Math.floor(random() * 20)),
    ceiling: FLAT,
    openings: [],
  }));
  const hang = (room: RoomShape, looks?: number) => {
    const way = looks === undefined ? rules : { ...rules, looks };
    const hung = (hangRoom(room, 'both', way) ?? []).map(({ layout }) => layout);
    const sheets = shareSheets(hung, rules);
    return {
      count: sheets.length,
      bought: add(sheets.map(({ length }) => length * rules.width)),
      laid: add(hung.flatMap(({ pieces }) => pieces.map(({ width, height }) => width * height))),
    };
  };
  const usual = rooms.map((room) => hang(room));
  const long = rooms.map((room) => hang(room, LONG_LOOKS));
  const over = usual.map(({ bought }, at) => {
    const best = Math.min(bought, long[at]?.bought ?? bought);
    return bought / best - 1;
  });
  return [
    [
      'sheets bought over the area covered',
      '40 rooms',
      mean(usual.map(({ bought, laid }) => bought / laid)).toFixed(2),
      '',
    ],
    [
      'sheets above the best of a search thirty times as long',
      '40 rooms',
      percent(mean(over)),
      `most ${percent(Math.max(...over))}; ${add(usual.map(({ count }) => count))} sheets to ${add(long.map(({ count }) => count))}`,
    ],
  ];
}
