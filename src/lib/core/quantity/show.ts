import type { Figure } from './figure';
import { showLength, showLengthNumber, showRun, type Units } from './length';
import { showMass } from './mass';

/**
 * Prints an area of fabric in whole square centimetres or square inches.
 *
 * @example showArea(539.4, 'metric') // '539 cm²'
 */
export const showArea = (cm2: number, units: Units): string =>
  units === 'metric' ? `${Math.round(cm2)} cm²` : `${Math.round(cm2 / 6.4516)} sq in`;

/** Prints one value in the unit of its figure. */
function showValue(value: number, figure: Figure, units: Units): string {
  switch (figure.unit) {
    case 'mm':
      return showLength(value, units);
    case 'dm2':
      return units === 'metric' ? `${value.toFixed(1)} dm²` : `${(value * 15.5).toFixed(0)} sq in`;
    case 'rows':
      return `${Math.round(value)} rows`;
    case 'stitches':
      return `${Math.round(value)} stitches`;
    case 'm':
      return showRun(value, units);
    case 'g':
      return showMass(value, units);
    case 'balls':
      return `${Math.ceil(value)} ${Math.ceil(value) === 1 ? 'ball' : 'balls'}`;
    case 'percent':
      return `${Math.round(value)} %`;
    case 'minutes':
      return value < 90 ? `${Math.round(value)} min` : `${(value / 60).toFixed(1)} h`;
    case 'per-cm':
      return units === 'metric' ? `${value.toFixed(2)} per cm` : `${(value * 2.54).toFixed(2)} per in`;
    case 'tightness':
      return value.toFixed(1);
  }
}

/**
 * Prints the best value of a figure.
 *
 * @example showFigure(about(550, 0.05, 'mm', 'default', ''), 'metric') // '55 cm'
 */
export function showFigure(figure: Figure, units: Units): string {
  return showValue(figure.value, figure, units);
}

/**
 * Prints the range of a figure, or nothing where both ends print alike.
 *
 * @example showRange(about(550, 0.05, 'mm', 'default', ''), 'metric') // '52.5 to 58 cm'
 */
export function showRange(figure: Figure, units: Units): string {
  const high = showValue(figure.high, figure, units);
  const low = showValue(figure.low, figure, units);
  if (low === high) return '';
  if (figure.unit === 'mm') return `${showLengthNumber(figure.low, units)} to ${high}`;
  const number = /^[\d.,¼½¾-]+/;
  // "63 min to 1.8 h": only a unit that both ends share is said once.
  const shared = low.replace(number, '') === high.replace(number, '');
  return `${shared ? (number.exec(low)?.[0] ?? low) : low} to ${high}`;
}
