/** How many courses lie on a piece of a sphere where each is the flatter the wider the sphere is. */
export interface Slope {
  /** Courses over an angle from where it begins, for a sphere of radius 1. */
  readonly rowsOver: (angle: number) => number;
  /** The angle that so many courses take: the other way round. */
  readonly after: (rows: number) => number;
}

/** Closer to 0 than this an arc and its tangent are the same to sixteen digits. */
const STRAIGHT = 1e-8;

/** arctan(q sqrt(d)) / sqrt(d), for d below 0 by the hyperbolic one, and q where d is 0. */
function arc(q: number, d: number): number {
  const root = Math.sqrt(Math.abs(d));
  if (root * q < STRAIGHT) return q;
  return (d > 0 ? Math.atan(root * q) : Math.atanh(root * q)) / root;
}

/** The q of which that is the arc. */
function tangent(rows: number, d: number): number {
  const root = Math.sqrt(Math.abs(d));
  if (root * rows < STRAIGHT) return rows;
  return (d > 0 ? Math.tan(root * rows) : Math.tanh(root * rows)) / root;
}

/**
 * Courses on the slope of a dome: one of height a - b sin x lies at the angle x from the crown. Their count is the integral of
 * 1 / (a - b sin x), which has a closed form by the tangent of half the angle (Weierstrass; the addition theorem makes one
 * arctangent of the two at its ends).
 *
 * @param a height a course would have at the crown, above 0
 * @param b how much of it is lost at the widest, above 0
 * @param from the angle it begins at; a course has a height above 0 all the way from there
 * @example slopeOf(1, 0.5, 0).rowsOver(Math.PI / 2) // 2.418… = 4 pi / (3 sqrt(3))
 */
export function slopeOf(a: number, b: number, from: number): Slope {
  const d = a * a - b * b;
  const [first, lean] = [a - b * Math.sin(from), b * Math.cos(from)];
  return {
    rowsOver: (angle) => {
      const t = Math.tan(angle / 2);
      return 2 * arc(t / (first - lean * t), d);
    },
    after: (rows) => {
      const q = tangent(rows / 2, d);
      return 2 * Math.atan((q * first) / (1 + q * lean));
    }
  };
}
