import { type Basis, type Figure, type Reason, remembered } from '../quantity';
import { inState } from './doubted';
import { type Evidence, evidenceFor } from './evidence';
import { speaksFor } from './edition';
import type { FingerTension } from './finger-tension';
import { type Kit, yarnsById } from './kit';
import { type KnownOfGauges, knownOf } from './known';
import { believed, type Estimate, learn, type Move, movesOf, type Prior } from './learn';
import { type FabricState, loopLengthMm } from './loop';
import type { Machine } from './machine';
import { combined } from './normal';
import { nextPiece, type PieceSpread, type PieceSpreads, pieceSpreads } from './piece-spread';
import type { PerCm } from './swatch';
import { practiceFor } from './practice';
import { heldTex, type Yarn } from './yarn';
import { yarnName } from './yarn-name';

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
}

/** Several strands up to so many tex are thin yarn together, up to so many medium (own estimates, no source). */
const THIN_TEX = 350;
const MEDIUM_TEX = 750;

/**
 * The tension hole practice uses, counted from the smallest: small for thin yarn, the middle one for medium, large
 * for thick.
 * Strands that are held together add up: doubled sock yarn goes through the middle one (craft 5.7).
 *
 * @param together whether strands add up, as they do since the third edition
 * @example usualHole({ tensionHoles: 3 }, { weightClass: 1, strands: 2, label: { metres: 417, grams: 100 } }) // 2
 */
export function usualHole(
  machine: Pick<Machine, 'tensionHoles'>,
  yarn: Pick<Yarn, 'weightClass' | 'strands' | 'label'>,
  together = true
): number {
  const [middle, large] = [Math.ceil(machine.tensionHoles / 2), machine.tensionHoles];
  const { weightClass, strands } = yarn;
  if (!together || strands === 1) return weightClass <= 2 ? 1 : weightClass <= 4 ? middle : large;
  const tex = heldTex(yarn);
  return tex <= THIN_TEX ? 1 : tex <= MEDIUM_TEX ? middle : large;
}

/** A gauge as a figure: the range is that of the next piece, which differs from the true gauge as pieces do. */
function figureOf(estimate: Estimate, spread: PieceSpread, basis: Basis, because: readonly Reason[]): Figure {
  const half = nextPiece(estimate.sd, spread, basis === 'learned');
  return {
    value: estimate.value,
    low: Math.min(estimate.low, estimate.value * Math.exp(-half)),
    high: Math.max(estimate.high, estimate.value * Math.exp(half)),
    unit: 'per-cm',
    basis,
    because
  };
}

/** Where a gauge comes from: what was measured of it, rows or stitches. */
function whyOf(used: readonly Evidence[], machine: Machine, yarn: Yarn): { basis: Basis; why: readonly Reason[] } {
  const own = used.filter((e) => e.nearness !== 'other-yarn');
  const name = yarnName(yarn);
  if (own.length === 0) {
    return { basis: 'default', why: [{ say: 'practice', yarn: name, machine: machine.name, like: used.length }] };
  }
  const pieces = own.filter((e) => e.kind === 'piece').length;
  const basis = pieces ? 'learned' : 'measured';
  const elsewhere = own.every((e) => e.nearness === 'other-hole');
  if (own.length === 1) return { basis, why: [{ say: 'own', ...own[0]!.told, elsewhere }] };
  return { basis, why: [{ say: 'owns', swatches: own.length - pieces, pieces, yarn: name, elsewhere }] };
}

/**
 * The gauge to plan with: common practice, swatches and finished pieces weighed into one estimate with a range; see
 * `learn`. A hooked pin pulls about the same loop whatever the yarn, so the default counts do not change with tex,
 * only their certainty.
 *
 * @param kit what was measured, and the yarns it was measured on
 * @param hole the tension hole in use, counted from the smallest
 * @param fingers how the yarn runs through the fingers
 * @example gaugeFor(emptyKit, machine48, mediumYarn, 2).courses.value // 2
 */
export const gaugeFor = (
  kit: KnownOfGauges,
  machine: Machine,
  yarn: Yarn,
  hole: number,
  fingers: FingerTension = 'usual'
): Gauge => gauged(knownOf(kit), machine, yarn, hole, fingers);

/** The gauge, once for the same measurements: draft, run and judges ask for it again and again. */
const gauged = remembered(weighed);

function weighed(kit: KnownOfGauges, machine: Machine, yarn: Yarn, hole: number, fingers: FingerTension): Gauge {
  const { state, evidence, prior } = groundsFor(kit, machine, yarn, hole, fingers);
  const courses = believed(prior.courses, evidence, 'courses');
  const wales = believed(prior.wales, evidence, 'wales');
  const whyFor = (of: 'courses' | 'wales') =>
    whyOf(
      evidence.filter((e) => !e.setAside && e[of] !== null),
      machine,
      yarn
    );
  const [rows, stitches] = [whyFor('courses'), whyFor('wales')];
  const spreads = pieceSpreads(kit);
  // The loop is one over the root of both counts, so half of their relative errors goes into it.
  const loopSpread = nextPiece(combined(courses.sd, wales.sd), spreads.courses, rows.basis === 'learned') / 2;
  return {
    courses: figureOf(courses, spreads.courses, rows.basis, rows.why),
    wales: figureOf(wales, spreads.wales, stitches.basis, stitches.why),
    state,
    loopMm: loopLengthMm(courses.value, wales.value, state),
    loopSpread
  };
}

/**
 * A gauge that somebody states, a pattern or a swatch of their own: its range is what pieces differ by.
 *
 * @example statedGauge(kit, { courses: 2.1, wales: 1.54 }).courses.value // 2.1
 */
export const statedGauge = (kit: KnownOfGauges, per: PerCm): Gauge => statedOf(pieceSpreads(kit), per);

const statedOf = remembered((spreads: PieceSpreads, { courses, wales }: PerCm): Gauge => {
  const figure = (value: number, spread: PieceSpread): Figure => {
    const half = nextPiece(0, spread, true);
    return {
      value,
      low: value * Math.exp(-half),
      high: value * Math.exp(half),
      unit: 'per-cm',
      basis: 'measured',
      because: [{ say: 'typed' }]
    };
  };
  return {
    courses: figure(courses, spreads.courses),
    wales: figure(wales, spreads.wales),
    state: 'rested',
    loopMm: loopLengthMm(courses, wales, 'rested'),
    loopSpread: nextPiece(0, spreads.courses, true) / 2
  };
});

/** What an estimate stands on. */
function groundsFor(kit: KnownOfGauges, machine: Machine, yarn: Yarn, hole: number, fingers: FingerTension) {
  const state = stateFor(kit, machine, yarn);
  const practice = practiceFor(yarn);
  const at = inState(practice, 'rested', state);
  const prior: { courses: Prior; wales: Prior } = {
    courses: { value: at.courses, sd: practice.sd },
    wales: { value: at.wales, sd: practice.sd }
  };
  return { state, prior, evidence: evidenceFor(kit, machine, yarn, hole, state, fingers) };
}

/** One of the two gauges with the way it came about, for the screen that shows it. */
export interface Learned {
  /** What is believed without any measurement. */
  readonly before: Estimate;
  readonly estimate: Estimate;
  readonly moves: readonly Move[];
}

/**
 * How a gauge was learned: prior, estimate and every step between them.
 */
export function learnedGauge(
  kit: Kit,
  machine: Machine,
  yarn: Yarn,
  hole: number,
  fingers: FingerTension = 'usual'
): { state: FabricState; courses: Learned; wales: Learned } {
  const { state, evidence, prior } = groundsFor(kit, machine, yarn, hole, fingers);
  const each = (of: 'courses' | 'wales'): Learned => ({
    before: learn(prior[of], [], of),
    estimate: believed(prior[of], evidence, of),
    moves: movesOf(prior[of], evidence, of)
  });
  return { state, courses: each('courses'), wales: each('wales') };
}

/** The state sizes are meant in: that of the newest own swatch, else rested. */
function stateFor(kit: KnownOfGauges, machine: Machine, yarn: Yarn): FabricState {
  const byId = yarnsById(kit.yarns);
  const own = speaksFor(kit.edition, yarn, (id) => byId.get(id));
  let newest: { on: string; state: FabricState } | undefined;
  for (const s of kit.swatches) {
    if (s.setAside || s.machineId !== machine.id || s.strands !== yarn.strands || !own(s.yarnId)) continue;
    if (!newest || s.on > newest.on) newest = s;
  }
  return newest?.state ?? 'rested';
}
