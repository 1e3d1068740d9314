/**
 * Words that tell what kind of statement a clause is. A cue is a sequence of words; the longest that fits counts.
 * What carries no fact of its own (done, begun) stands here too, so that each word of a line has one owner.
 */
export type Cue =
  | 'found'
  | 'decided'
  | 'quoted'
  | 'spent'
  | 'refunded'
  | 'agreed'
  | 'ordered'
  | 'delivered'
  | 'used'
  | 'left-over'
  | 'waits'
  | 'inspected'
  | 'passed'
  | 'failed'
  | 'measured'
  | 'owes'
  | 'weather'
  | 'ahead'
  | 'not-done'
  | 'nearly'
  | 'thought'
  | 'guess'
  | 'done'
  | 'begun'
  | 'in'
  | 'set'
  | 'to-go'
  | 'more'
  | 'each'
  | 'helped'
  | 'whole'
  | 'short'
  | 'damaged'
  | 'wrong'
  | 'note'
  | 'forgot'
  | 'same'
  | 'due'
  | 'on-top'
  | 'fits'
  | 'taught';

const WORDS: Readonly<Record<Cue, string>> = {
  found: 'found|find|discovered|uncovered|noticed|spotted|came across|turns out|it turned out',
  decided:
    "we'll keep|we will keep|will keep|we are keeping|decided against|picked|decided|decided to|decided on|decided that|we decided|decision|agreed to|agreed that|settled on|chose|chosen|picked out|going with|we go with|going for|made up our minds",
  quoted:
    'quote|quotes|quoted|estimate|estimates|estimated|offer|offers|offered|bid|asks for|asking|wants|would charge|would do it for|price for|prices',
  spent:
    'paid|pay|bought|spent|cost|costs|charged|picked up|invoice|bill|receipt|fee|deposit|gave|rented|hired|rent|hire|purchased|down payment',
  refunded:
    'refund|refunded|returned|took back|money back|got back|back from|sent back|brought back|credit',
  agreed: 'agreed|signed|contract|committed',
  ordered: 'ordered|on order|order placed|placed an order|put in an order',
  delivered:
    'delivered|delivery|deliver|deliveries|arrived|turned up|received|got here|came in|has come|have come',
  used: 'used|used up|gone|went into|went through|go through|use|using up',
  'left-over': 'left over|leftover|leftovers|left|remaining|spare|unused',
  waits:
    'has to set|have to set|needs to set|must set|has to dry|have to dry|needs to dry|must dry|has to cure|needs to cure|must cure|dry|dries|drying|to dry|cure|cures|curing|to cure|to set|setting up|harden|hardening|to harden|to settle|has to rest|acclimatise|acclimatize',
  inspected: 'inspection|inspections|inspector|inspectors|inspected',
  passed: 'passed|pass|passes|signed off|approved',
  failed: 'failed|fail|did not pass|not passed|turned down|rejected',
  measured: 'measured|measures|measure|measuring|size of|is exactly',
  owes: 'owe|owes|owed|favour|favor|is owed|are owed',
  weather:
    'rain|rained|raining|rainy|snow|snowed|snowing|frost|frosty|windy|wind|storm|stormy|sunny|heat wave|hail|thunder|freezing|cold|hot|humid|foggy|wet day|dry day|pouring with rain|drizzle',
  ahead:
    "will|i'll|we'll|need to|needs to|have to|has to|must|should|gonna|going to|got to|next|next up|to do|todo|don't forget|remember to|remember|want to|plan to|planning to|first thing|supposed to|still to do|needs doing|have got to|let's|get|still need|needs an|needs a",
  'not-done':
    "did not|didn't|not|no|never|nothing|no time|couldn't|could not|can't|cannot|haven't|hasn't|wasn't|isn't|not yet|didn't get to|won't|without",
  nearly: 'nearly|almost|not quite|just about',
  thought:
    'thinking|think|thought about|wondering|should have|would have|would|would be|could have|said|says|should be|must be|has to be|would have to|told me|he said|she said|heard|dreaming|looked at|too expensive|too much',
  guess:
    'maybe|perhaps|probably|might|could be|could|i guess|guess|to fix|to mend|to put right|to repair|will take|would take|extra work|at least',
  done: 'done|finished|complete|completed|ready|all done|all in|all up|done with|completely done|closed|closed up|wrapped up',
  begun: 'started|begun|began|start on|made a start',
  in: 'up|in|on|down|done up',
  set: 'hung|set|laid|fitted|painted|tiled|installed|mounted|connected|fixed|primed|levelled',
  'to-go': 'to go|still to go|still missing|left to do|not in yet',
  more: 'more|another|additional',
  each: 'each|apiece|a piece|every|per piece|each day|each of us|a day',
  helped: 'helped|helping|lent a hand|gave a hand|came over',
  whole:
    'all there|all fine|all good|complete|in full|all ok|all okay|in one piece|undamaged|everything there|all here',
  short: 'short|missing|too few|too little|incomplete',
  damaged: 'damaged|broken|cracked|smashed|chipped|scratched|dented|bent',
  wrong: 'wrong|the wrong|not the one|not what we ordered|not right',
  note: 'note|diary',
  forgot: 'forgot|i forgot|forgotten|not written down|left out',
  same: 'the same|same again|same as yesterday|of the same|same',
  'on-top': 'plus',
  due: 'arrive|arrives|arriving|coming|due|comes|will be here|lead time|delivery time',
  fits: 'split|shared|halves|between|rest',
  taught: 'is called|we call|is what we call|means',
};

type Row = { words: readonly string[]; cue: Cue };

const BY_FIRST = new Map<string, Row[]>();
for (const [cue, phrases] of Object.entries(WORDS) as [Cue, string][]) {
  for (const phrase of phrases.split('|')) {
    const words = phrase.split(' ');
    const first = words[0] ?? '';
    BY_FIRST.set(first, [...(BY_FIRST.get(first) ?? []), { words, cue }]);
  }
}
for (const rows of BY_FIRST.values()) rows.sort((a, b) => b.words.length - a.words.length);

export const CUE_WORDS: readonly string[] = [
  ...new Set(Object.values(WORDS).flatMap((all) => all.split(/[| ]/))),
];

/** All cues that begin at a word, the longest first. */
export const cuesFrom = (first: string): readonly Row[] => BY_FIRST.get(first) ?? [];
