import { format } from 'date-fns/format';
import { parseISO } from 'date-fns/parseISO';
import { about, type Figure } from '../quantity';
import { type FabricState, loopLengthMm } from './loop';
import type { Machine } from './machine';
import { perCm, type Swatch } from './swatch';
import { heldTex, type Yarn, yarnName } from './yarn';

/** Common practice, rested, medium yarn, middle hole, 46 to 48 pins (handbook section 5, no source). */
export const PRACTICE = { courses: 2.0, wales: 1.35, tex: 500 } as const;

/** How far practice scatters at home ground (own estimate, no source). */
const PRACTICE_SPREAD = 0.05;

/** How much surer nobody can be the further the yarn is from medium (own estimate, no source). */
const SPREAD_PER_E_FOLD = 0.1;

/** A default is never wider than this: beyond it the tightness finding says the yarn does not suit. */
const WIDEST_SPREAD = 0.2;

/** Reading a tape on soft fabric: about 3 mm on 10 cm (own estimate, no source). */
const TAPE_SPREAD = 0.03;

/** The gauge of one yarn on one machine, with its range and where it comes from. */
export interface Gauge {
  /** Rows per cm. */
  readonly courses: Figure;
  /** Stitches per cm. */
  readonly wales: Figure;
  readonly state: FabricState;
  /** Millimetres of yarn in one stitch. */
  readonly loopMm: number;
  /** Half the range of the loop length, as a fraction. */
  readonly loopSpread: number;
  /** The swatch it was read from, when it was measured. */
  readonly swatchId: string | null;
}

/** Tension holes are numbered from the smallest; this is the one practice uses for a weight class. */
export function usualHole(machine: Pick<Machine, 'tensionHoles'>, weightClass: number): number {
  const middle = Math.ceil(machine.tensionHoles / 2);
  if (weightClass <= 2) return 1;
  return weightClass <= 4 ? middle : machine.tensionHoles;
}

function fromPerCm(
  courses: number,
  wales: number,
  state: FabricState,
  spread: number,
  basis: 'measured' | 'default',
  why: string,
  swatchId: string | null
): Gauge {
  return {
    courses: about(courses, spread, 'per-cm', basis, why),
    wales: about(wales, spread, 'per-cm', basis, why),
    state,
    loopMm: loopLengthMm(courses, wales, state),
    loopSpread: spread,
    swatchId
  };
}

/**
 * The gauge to plan with: the newest swatch of this machine, yarn and strands, preferring the same tension hole;
 * else common practice, with a range that grows with the distance from medium yarn. A hooked pin pulls about the
 * same loop whatever the yarn, so the default counts do not change with tex, only their certainty.
 *
 * @param swatches everything that was measured
 * @param hole the tension hole in use, counted from the smallest
 * @example gaugeFor([], machine48, mediumYarn, 2).courses.value // 2
 */
export function gaugeFor(swatches: readonly Swatch[], machine: Machine, yarn: Yarn, hole: number): Gauge {
  let best: Swatch | undefined;
  for (const swatch of swatches) {
    if (swatch.machineId !== machine.id || swatch.yarnId !== yarn.id || swatch.strands !== yarn.strands) continue;
    const nearer = best && (best.hole === hole ? 1 : 0) - (swatch.hole === hole ? 1 : 0);
    if (!best || nearer! < 0 || (nearer === 0 && swatch.on > best.on)) best = swatch;
  }
  if (best) {
    const { courses, wales } = perCm(best.statement);
    const spread = best.hole === hole ? TAPE_SPREAD : 2 * TAPE_SPREAD;
    const why = `your swatch of ${format(parseISO(best.on), 'd MMM yyyy')}, ${best.state}${best.hole === hole ? '' : ', but in another tension hole'}`;
    return fromPerCm(courses, wales, best.state, spread, 'measured', why, best.id);
  }
  const away = Math.abs(Math.log(heldTex(yarn) / PRACTICE.tex));
  const spread = Math.min(WIDEST_SPREAD, PRACTICE_SPREAD + SPREAD_PER_E_FOLD * away);
  const why = `common practice for medium yarn; nothing measured yet for ${yarnName(yarn)} on ${machine.name}`;
  return fromPerCm(PRACTICE.courses, PRACTICE.wales, 'rested', spread, 'default', why, null);
}
