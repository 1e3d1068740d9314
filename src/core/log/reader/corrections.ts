import type { Item } from './items';
import type { Token } from '../../language/tokens';

const SORRY =
  /^(?:no|sorry|wait|i|mean|make|that|rather|correction|scratch|actually|it|was|not|oops|hang|on|well)$/;
/** At least one of these, or nothing was taken back. */
const CLEARLY = /^(?:sorry|mean|rather|correction|scratch|oops|wait|actually|no)$/;
const SAME_KIND: ReadonlySet<Item['is']> = new Set([
  'duration',
  'money',
  'number',
  'percent',
  'amount',
]);

/**
 * What was said and taken back in the same breath: "2h, no sorry 3h" and "not 3 but 2 hours". Gives the tokens that no
 * longer count; a name said with the wrong figure goes with it only when it is said again.
 */
export function struckOut(tokens: readonly Token[], items: readonly Item[]): Set<number> {
  const struck = new Set<number>();
  const strike = (from: number, to: number) => {
    for (let at = from; at < to; at += 1) struck.add(at);
  };
  items.forEach((item, index) => {
    const next = items[index + 1];
    if (!next || !SAME_KIND.has(item.is)) return;
    const between = tokens.slice(item.to, next.at);
    const words = between.filter(({ kind }) => kind === 'word');
    const isSame = next.is === item.is || item.is === 'number';
    const notBefore = tokens[item.at - 1]?.word === 'not';
    if (notBefore && words.length === 1 && words[0]?.word === 'but' && isSame) {
      strike(item.at - 1, next.at);
      return;
    }
    const behind = new Set(tokens.slice(next.to, next.to + 3).map(({ word }) => word));
    const isTalk = words.every(({ word }) => SORRY.test(word) || behind.has(word));
    if (isSame && isTalk && words.some(({ word }) => CLEARLY.test(word))) strike(item.at, next.at);
  });
  return struck;
}
