import type { Random } from '../../random';

/** A draw from the standard normal distribution (Box and Muller 1958). */
export function normal(random: Random): number {
  const [a, b] = [Math.max(1e-12, random()), random()];
  return Math.sqrt(-2 * Math.log(a)) * Math.cos(2 * Math.PI * b);
}

/** A draw from Gamma(shape, 1) (Marsaglia and Tsang 2000). */
function gamma(random: Random, shape: number): number {
  if (shape < 1) return gamma(random, shape + 1) * Math.max(1e-12, random()) ** (1 / shape);
  const d = shape - 1 / 3;
  const c = 1 / Math.sqrt(9 * d);
  for (;;) {
    const x = normal(random);
    const v = (1 + c * x) ** 3;
    if (v > 0 && Math.log(Math.max(1e-12, random())) < x * x * 0.5 + d - d * v + d * Math.log(v)) {
      return d * v;
    }
  }
}

/** A share drawn from Beta(a, b). */
export function beta(random: Random, a: number, b: number): number {
  const [one, other] = [gamma(random, a), gamma(random, b)];
  return one / (one + other);
}
