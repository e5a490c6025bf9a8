import { pathRound } from 'd3-path';

/** Two decimals are finer than any screen and keep files small. */
const DIGITS = 2;

/** A line through points, closed to an area where that is asked for. @example through([[0, 0], [4, 3]]) // 'M0,0L4,3' */
export function through(points: readonly (readonly [number, number])[], closed = false): string {
  const pen = pathRound(DIGITS);
  points.forEach(([x, y], i) => (i === 0 ? pen.moveTo(x, y) : pen.lineTo(x, y)));
  if (closed) pen.closePath();
  return pen.toString();
}

/** A circle. */
export function disc(x: number, y: number, r: number): string {
  const pen = pathRound(DIGITS);
  pen.arc(x, y, r, 0, 2 * Math.PI);
  pen.closePath();
  return pen.toString();
}

/** A box by its upper left corner; one without width or height is none. */
export function box(x: number, y: number, width: number, height: number): string {
  const pen = pathRound(DIGITS);
  pen.rect(x, y, width, height);
  return pen.toString();
}
