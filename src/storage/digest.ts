/**
 * A short digest of a text, to tell whether a cache is the one that was written: two 32-bit multiplicative hashes
 * (Knuth's and FNV's primes). Not a proof against anybody, only against torn rows.
 */
export function digestOf(text: string): string {
  let one = 0xdeadbeef;
  let two = 0x811c9dc5;
  for (let at = 0; at < text.length; at += 1) {
    const code = text.charCodeAt(at);
    one = Math.imul(one ^ code, 2_654_435_761);
    two = Math.imul(two ^ code, 16_777_619);
  }
  return `${(one >>> 0).toString(16)}-${(two >>> 0).toString(16)}-${text.length}`;
}
