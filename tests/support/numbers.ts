import { create, all, type Matrix } from 'mathjs';

const math = create(all!, {});

/** Matrices of mathjs, the reference for whatever a test works out by linear algebra. */
export const matrix = (rows: number[][]): Matrix => math.matrix(rows);
export const multiply = (a: Matrix, b: Matrix): Matrix => math.multiply(a, b);
export const inv = (a: Matrix): Matrix => math.inv(a);
export const transpose = (a: Matrix): Matrix => math.transpose(a);

/** Standard normal numbers from a seed, by the polar method of Marsaglia and Bray 1964. */
export function gaussian(seed: number): () => number {
  const uniform = create(all!, { randomSeed: String(seed) }).random!;
  return () => {
    for (;;) {
      const u = 2 * (uniform as () => number)() - 1;
      const v = 2 * (uniform as () => number)() - 1;
      const s = u * u + v * v;
      if (s > 0 && s < 1) return u * Math.sqrt((-2 * Math.log(s)) / s);
    }
  };
}
