import { DEFAULT_PIN_SPACING_MM, type Machine } from './machine';
import { type FabricState, mundenOf } from './loop';
import { practiceFor } from './practice';
import { slipOf } from './slip';
import { type Counted, type PerCm, type Swatch } from './swatch';
import type { Yarn } from './yarn';

/** A gauge measured in one state, as it would be in another, by Munden's constants. */
export function inState(gauge: PerCm, from: FabricState, to: FabricState): PerCm {
  const [a, b] = [mundenOf(from), mundenOf(to)];
  return { courses: (gauge.courses * b.kc) / a.kc, wales: (gauge.wales * b.kw) / a.kw };
}

/**
 * Whether a swatch looks as if its rows and stitches had changed places, and nobody said that it is right all the
 * same: it is
 * kept, and not planned from.
 *
 * @param read its rows and stitches per cm
 * @example isSwapped(swatch, { courses: 1.35, wales: 2 }, machine, yarn) // true
 */
export function isSwapped(
  swatch: Pick<Swatch, 'state' | 'trusted'>,
  read: Counted,
  machine: Pick<Machine, 'pinSpacingMm'>,
  yarn: Pick<Yarn, 'label' | 'strands'>
): boolean {
  if (swatch.trusted || read.wales === null) return false;
  const expected = inState(practiceFor(yarn), 'rested', swatch.state);
  const slip = slipOf(
    { courses: read.courses, wales: read.wales },
    expected,
    machine.pinSpacingMm ?? DEFAULT_PIN_SPACING_MM
  );
  return slip?.kind === 'swapped';
}
