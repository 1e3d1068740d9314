import type { Held } from '../../../house';

/** What people call what is behind a wall, the more particular first. */
const WHATS: readonly (readonly [RegExp, Held['what']])[] = [
  [/\b(?:capped|stubs?|stub-?out|spare conduit|empty conduit)\b/i, 'stub'],
  [/\bgas\b/i, 'gas'],
  [/\b(?:drains?|waste|soil pipe|soil stack)\b/i, 'drain'],
  [/\bvents?\b/i, 'vent'],
  [/\b(?:cold|hot|supply|water|feed|pex|copper)\b/i, 'supply'],
  [/\b(?:box|boxes|outlet|socket|switch|receptacle)\b/i, 'box'],
  [/\b(?:cables?|wires?|wiring|conduit|romex)\b/i, 'cable'],
  [/\bducts?\b/i, 'duct'],
  [/\b(?:blocking|blocks?|backing|nailers?|grounds)\b/i, 'blocking'],
  [/\b(?:beam|header|lintel|post)\b/i, 'beam'],
];

const LENGTH = String.raw`(\d+(?:[.,]\d+)?(?:\s+\d+\/\d+)?\s*(?:(?:'|’|ft|feet|foot)\s*(?:\d+(?:[.,]\d+)?(?:\s+\d+\/\d+)?\s*(?:"|”|in|inch|inches)?)?|"|”|in(?:ch|ches)?\b|mm|cm|m\b)?)`;
const ACROSS = new RegExp(`${LENGTH}\\s*(?:in|over|across)?\\s*from (?:the )?(left|right)\\b`, 'i');
const UP = new RegExp(
  `(?:${LENGTH}\\s*(?:up\\b|high\\b|off the floor|(?:above|from) the floor))|(?:\\bup ${LENGTH})`,
  'i',
);
const TO_CEILING = /\b(?:up |runs? |goes |on )*to (?:the )?ceiling\b/i;
const TO_FLOOR = /\b(?:down |runs? |goes |on )*to (?:the )?floor\b/i;
const HANGS_ON =
  /\b(?:hangs on|on|off|shut(?:s)? off (?:by|at)|valve|breaker)\s+((?:the )?(?:breaker|valve|stopcock|shut-?off|cleanout|panel)\b.*)$/i;
const LATER = /\b(?:for later|left for later|spare)\b/i;

/** What a statement says of a thing behind a wall; undefined where it says not where from and how high. */
export type BehindSaid = {
  what: Held['what'];
  across: string;
  fromRight: boolean;
  up: string;
  end: 'ceiling' | 'floor' | null;
  hangsOn: string | null;
  later: boolean;
};

/** Longer than this nobody says where one pipe is; nor is it looked for without a side that it is counted from. */
const LONGEST = 300;
const SIDE = /\bfrom (?:the )?(?:left|right)\b/i;

/** What kind of thing behind a wall a text names; undefined where it names none. */
export function behindSaid(text: string): BehindSaid | undefined {
  if (text.length > LONGEST || !SIDE.test(text)) return undefined;
  const [across, up] = [ACROSS.exec(text), UP.exec(text)];
  const what = WHATS.find(([words]) => words.test(text))?.[1];
  const height = up?.[1] ?? up?.[2];
  if (!across?.[1] || height === undefined || what === undefined) return undefined;
  return {
    what,
    across: across[1],
    fromRight: across[2]?.toLowerCase() === 'right',
    up: height,
    end: TO_CEILING.test(text) ? 'ceiling' : TO_FLOOR.test(text) ? 'floor' : null,
    hangsOn: HANGS_ON.exec(text)?.[1]?.trim() ?? null,
    later: LATER.test(text),
  };
}
