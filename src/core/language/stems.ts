import { remembering } from '../remembering';

/** Word forms that no rule brings back to their root. */
const IRREGULAR: Readonly<Record<string, string>> = {
  hung: 'hang',
  laid: 'lay',
  tore: 'tear',
  torn: 'tear',
  took: 'take',
  taken: 'take',
  built: 'build',
  ran: 'run',
  swept: 'sweep',
  dug: 'dig',
  cut: 'cut',
  cutting: 'cut',
  put: 'put',
  putting: 'put',
  setting: 'set',
  sets: 'set',
  fitting: 'fit',
  fitted: 'fit',
  ripped: 'rip',
  ripping: 'rip',
  stripping: 'strip',
  stripped: 'strip',
  wrapping: 'wrap',
  wrapped: 'wrap',
  sanded: 'sand',
  primed: 'prime',
  priming: 'prime',
  primer: 'prime',
  tiling: 'tile',
  tileing: 'tile',
  tiled: 'tile',
  wiring: 'wire',
  wired: 'wire',
  levelled: 'level',
  levelling: 'level',
  leveled: 'level',
  leveling: 'level',
  plumbing: 'plumb',
  shelves: 'shelf',
  shelving: 'shelf',
  moved: 'move',
  moving: 'move',
  taping: 'tape',
  taped: 'tape',
  caulked: 'caulk',
  painting: 'paint',
  insulating: 'insulation',
  insulated: 'insulation',
  insulate: 'insulation',
  framing: 'frame',
  framed: 'frame',
};

/** Different words for one thing; what stands on the right is what the library of steps says. */
const SAME: Readonly<Record<string, string>> = {
  drywall: 'board',
  plasterboard: 'board',
  gypsum: 'board',
  drywalling: 'board',
  boarding: 'board',
  mud: 'compound',
  mudding: 'compound',
  mudded: 'compound',
  joint: 'compound',
  tapers: 'tape',
  skirting: 'baseboard',
  skirtings: 'baseboard',
  baseboards: 'baseboard',
  base: 'baseboard',
  architraves: 'casing',
  cupboards: 'cabinet',
  cupboard: 'cabinet',
  worktops: 'countertop',
  worktop: 'countertop',
  counters: 'countertop',
  faucet: 'tap',
  socket: 'outlet',
  sockets: 'outlet',
  loo: 'toilet',
  sweep: 'clean',
  vacuum: 'clean',
  vacuumed: 'clean',
  hoovered: 'clean',
  tidy: 'clean',
  tidied: 'clean',
  tidying: 'clean',
  rubble: 'debris',
  rubbish: 'debris',
  tip: 'dump',
  undercoat: 'prime',
  tub: 'bath',
  spackling: 'spackle',
  filled: 'fill',
  filling: 'fill',
  cabling: 'cable',
  electrics: 'wire',
  electric: 'electrical',
  soldered: 'pipe',
  piping: 'pipe',
  ceilings: 'ceiling',
  banister: 'handrail',
  lino: 'lino',
  decking: 'decking',
  plastering: 'plaster',
  wardrobes: 'wardrobe',
  inspector: 'inspection',
  inspectors: 'inspection',
};

/** The same words come up with every key. */
const WORDS_KEPT = 20_000;

/** `taping`, `taped`, `tape` and `tapes` fall together. Crude on purpose: both sides go through it. */
export const stem = remembering(WORDS_KEPT, rootOf);

function rootOf(word: string): string {
  const plain = word.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');
  const told = IRREGULAR[plain] ?? plain;
  // Cut shorter it would be a tap.
  if (told === 'tape') return told;
  const same = SAME[told] ?? told;
  if (same.length <= 3) return same;
  const cut = same
    .replace(/(ing|ed|es|s)$/, '')
    .replace(/e$/, '')
    .replace(/(.)\1$/, '$1')
    .replace(/y$/, 'i');
  const root = cut.length >= 3 ? cut : same;
  return SAME[root] ?? root;
}

/** Words that carry no fact by themselves. */
export const FILLER = new Set(
  (
    'a an and at by did do does done for from got had has have i in into is it its of off on onto our over some that the them ' +
    'their then there these this those to us was were we with all day work worked working again just so also too ' +
    'well really very about around roughly ok okay um uh er hey hi please thanks while as be been am are he she they ' +
    'his her my mine your you who what which when where but or plus still now later evening morning afternoon night ' +
    'each both together between another more bit little lot another whole rest first last it’s got get getting spent time ' +
    'hours hour only up down out through weekend home late'
  ).split(' '),
);

/** The words of a text in small letters. */
export const wordsIn = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '');
