import type { PlaceWalk } from '@/core/survey/walk';

/** "5 stay, 2 go, 1 undecided, open up first". */
export function walkWords({
  left,
  elements,
  stays,
  goes,
  undecided,
  openFirst,
}: PlaceWalk): string {
  if (left.length === elements.length) return 'not walked yet';
  return [
    stays.length > 0 ? `${stays.length} stay` : '',
    goes.length > 0 ? `${goes.length} go` : '',
    undecided.length > 0 ? `${undecided.length} undecided` : '',
    openFirst.length > 0 ? 'open up first' : '',
    left.length > 0 ? `${left.length} to look at` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** A name at the beginning of a line. */
export const atStart = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
