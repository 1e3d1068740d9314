/**
 * What is left in the field once a line was kept: nothing, or what was typed while it was on its way, before or behind
 * it or in its place. The field is never simply emptied, since somebody may be in the next line already.
 */
export function afterKeeping(now: string, kept: string): string {
  const at = now.indexOf(kept);
  return at < 0 ? now : `${now.slice(0, at)}${now.slice(at + kept.length)}`.trim();
}
