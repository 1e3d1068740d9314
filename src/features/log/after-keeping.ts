/**
 * What is left in the field once a line was kept: nothing, or what was typed while it was on its way. The field is
 * never simply emptied, since somebody may be in the next line already.
 */
export function afterKeeping(now: string, kept: string): string {
  if (now === kept) return '';
  return now.startsWith(kept) ? now.slice(kept.length).trimStart() : now;
}
