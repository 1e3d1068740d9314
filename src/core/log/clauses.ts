/** What a new statement begins with; an "and" before anything else only joins words. */
const OPENERS =
  /^(?:\d+(?:[.,]\d+)?\s*(?:h|hr|hrs|hours?|m|min|minutes)\b|\d+h\d*|[-−]?\s*[$€£]\s*\d|\d+(?:[.,]\d+)?\s+\p{L}|found\b|find\b|discovered\b|decided?\b|agreed\b|finished\b|started\b|half\b|note\b|tomorrow\b|bought\b|used\b|paid\b|an?\s+(?:bucket|bag|box|roll|sheet|tube|can|gallon)\b)/iu;

/** Splits a line where one statement ends and the next begins. `1,250` and `kitchen and bath` stay whole. */
export function splitClauses(line: string): string[] {
  const pieces = line
    .split(/\s*[;\n]\s*|,\s+|,(?=\D)|\.\s+|\s+then\s+/iu)
    .flatMap(splitAtAnd)
    .map((piece) =>
      piece
        .trim()
        .replace(/^(?:and|then)\s+/i, '')
        .replace(/\.$/, ''),
    )
    .filter((piece) => piece !== '');
  return pieces;
}

function splitAtAnd(piece: string): string[] {
  const parts = piece.split(/\s+(?:and|&|\+)\s+/iu);
  return parts.reduce<string[]>((clauses, part) => {
    const last = clauses.at(-1);
    if (last === undefined || OPENERS.test(part)) return [...clauses, part];
    return [...clauses.slice(0, -1), `${last} and ${part}`];
  }, []);
}
