import { ascending, deviation, mean } from 'd3-array';
import { type ReasonEvidence, remembered } from '../quantity';
import { type KnownOfGauges, knownOf } from './known';
import { yarnsById } from './kit';
import type { FabricState } from './loop';
import type { Machine } from './machine';
import { combined } from './normal';
import type { Observation } from './observation';
import { type PieceSpread, type PieceSpreads, pieceSpreads } from './piece-spread';
import { type Counted, measurementsOf, type PerCm, perCm, type Statement, type Swatch } from './swatch';
import type { FingerTension } from './finger-tension';
import { inState, isSwapped } from './doubted';
import { rulesOf, speaksFor } from './edition';
import { type Yarn } from './yarn';
import { yarnName } from './yarn-name';

/** How alike the conditions of a measurement are to those asked about: another hole stands for other fingers too. */
export type Nearness = 'same' | 'other-hole' | 'other-yarn';

/** One thing that says something about a gauge: a swatch or a finished piece, in the state that is asked about. */
export interface Evidence {
  readonly id: string;
  readonly kind: 'swatch' | 'piece';
  readonly nearness: Nearness;
  /** Yarn and hole it was made with: evidence of one group shares what sets the group apart. */
  readonly group: string;
  /** What it is, for the words of it. */
  readonly told: ReasonEvidence;
  readonly on: string;
  readonly setAside: boolean;
  /** Set aside because its rows and stitches look swapped, until the knitter says that it is right. */
  readonly doubted: boolean;
  /** Rows and stitches per cm, null where it was not measured. */
  readonly courses: number | null;
  readonly wales: number | null;
  /** Relative error of each, as a standard deviation. */
  readonly coursesSd: number;
  readonly walesSd: number;
}

/** Reading a tape on soft fabric: a standard deviation of about 2 mm (own estimate, no source). */
const TAPE_SD_MM = 2;

/** Length and width the tape lay along, in mm. */
function tapeRun(statement: Statement): { length: number; width: number | null } {
  switch (statement.as) {
    case 'counts':
      return { length: 100, width: 100 };
    case 'lengths':
      return { length: 10 * statement.cmTo20Rows, width: 10 * statement.cmTo40Stitches };
    case 'tube':
      return { length: 10 * statement.lengthCm, width: 10 * statement.flatWidthCm };
    case 'rows':
      return { length: 10 * statement.lengthCm, width: null };
  }
}

/** The mean of values of which there is one at least. */
const meanOf = (values: readonly number[]): number => mean(values) ?? NaN;

/** Relative standard deviation of some values around their mean; 0 for one value. */
const scatter = (values: readonly number[]): number =>
  values.length < 2 ? 0 : (deviation(values) ?? 0) / meanOf(values);

/** The gauge of a swatch: its measurements averaged, with their scatter. */
export function gaugeOfSwatch(swatch: Swatch): Counted & { readonly scatter: PerCm; readonly count: PerCm } {
  const each = measurementsOf(swatch).map((statement) => perCm(statement));
  const courses = each.map((g) => g.courses);
  const wales = each.flatMap((g) => g.wales ?? []);
  return {
    courses: meanOf(courses),
    wales: wales.length ? meanOf(wales) : null,
    scatter: { courses: scatter(courses), wales: scatter(wales) },
    count: { courses: courses.length, wales: wales.length }
  };
}

function ofSwatch(
  swatch: Swatch,
  state: FabricState,
  nearness: Nearness,
  group: string,
  spreads: PieceSpreads,
  doubts: (read: Counted) => boolean
): Evidence {
  const read = gaugeOfSwatch(swatch);
  // Rows and stitches go over from state to state each by its own constant.
  const { courses, wales } = inState({ courses: read.courses, wales: read.wales ?? 1 }, swatch.state, state);
  const runs = measurementsOf(swatch).map(tapeRun);
  const widths = runs.flatMap((r) => r.width ?? []);
  // Several measurements average the tape out, but what scatters more than a tape does counts as it scatters.
  const error = (piece: PieceSpread, run: number, spread: number, count: number): number =>
    combined(piece.sd, Math.max(TAPE_SD_MM / run, spread) / Math.sqrt(count));
  const doubted = !swatch.setAside && doubts(read);
  const converted = swatch.state === state ? { from: null, to: null } : { from: swatch.state, to: state };
  return {
    id: swatch.id,
    kind: 'swatch',
    nearness,
    group,
    told: { kind: 'swatch', name: '', on: swatch.on, ...converted, of: null },
    on: swatch.on,
    setAside: swatch.setAside || doubted,
    doubted,
    courses,
    wales: read.wales === null ? null : wales,
    coursesSd: error(spreads.courses, meanOf(runs.map((r) => r.length)), read.scatter.courses, read.count.courses),
    walesSd: widths.length ? error(spreads.wales, meanOf(widths), read.scatter.wales, read.count.wales) : 1
  };
}

function ofPiece(
  piece: Observation,
  state: FabricState,
  nearness: Nearness,
  group: string,
  spreads: PieceSpreads
): Evidence {
  const at = inState({ courses: 1, wales: 1 }, piece.state, state);
  const { lengthMm, flatWidthMm } = piece;
  // A piece of several yarns says less of each: its errors grow as the share of the yarn shrinks.
  const error = ({ sd }: PieceSpread, run: number): number => combined(sd, TAPE_SD_MM / run) / Math.sqrt(piece.share);
  return {
    id: piece.id,
    kind: 'piece',
    nearness,
    group,
    told: { kind: 'piece', name: piece.name, on: piece.on, from: null, to: null, of: null },
    on: piece.on,
    setAside: piece.setAside,
    doubted: false,
    courses: lengthMm === null ? null : (at.courses * 10 * piece.rows) / lengthMm,
    wales: flatWidthMm === null ? null : (at.wales * 5 * piece.pins) / flatWidthMm,
    coursesSd: error(spreads.courses, lengthMm ?? 100),
    walesSd: error(spreads.wales, flatWidthMm ?? 100)
  };
}

const found = remembered(gathered);

/**
 * Everything in the kit that says something about a yarn on a machine, oldest first: measurements of the same yarn,
 * strands and hole; of another hole; of other yarns of the same class and strands on this machine.
 *
 * @param state the state of the fabric that is asked about; measurements of other states are converted
 */
export const evidenceFor = (
  kit: KnownOfGauges,
  machine: Machine,
  yarn: Yarn,
  hole: number,
  state: FabricState,
  fingers: FingerTension = 'usual'
): readonly Evidence[] => found(knownOf(kit), machine, yarn, hole, state, fingers);

function gathered(
  kit: KnownOfGauges,
  machine: Machine,
  yarn: Yarn,
  hole: number,
  state: FabricState,
  fingers: FingerTension
): Evidence[] {
  const found: Evidence[] = [];
  const byId = yarnsById(kit.yarns);
  const other = (id: string): Yarn | undefined => byId.get(id);
  const isOwn = speaksFor(kit.edition, yarn, other);
  /** Evidence of one article is one group, whichever its colour. */
  const groupOf = (id: string): string => (isOwn(id) ? yarn.id : id);
  const nearnessOf = (e: Pick<Swatch, 'machineId' | 'yarnId' | 'strands' | 'hole' | 'fingers'>): Nearness | null => {
    if (e.machineId !== machine.id || e.strands !== yarn.strands) return null;
    if (isOwn(e.yarnId)) return e.hole === hole && e.fingers === fingers ? 'same' : 'other-hole';
    return other(e.yarnId)?.weightClass === yarn.weightClass ? 'other-yarn' : null;
  };
  const { doubtsSwatches } = rulesOf(kit);
  const spreads = pieceSpreads(kit);
  for (const swatch of kit.swatches) {
    const nearness = nearnessOf(swatch);
    if (!nearness) continue;
    const own = { ...(other(swatch.yarnId) ?? yarn), strands: swatch.strands };
    const doubts = (read: Counted): boolean => doubtsSwatches && isSwapped(swatch, read, machine, own);
    const group = `${groupOf(swatch.yarnId)} ${swatch.hole}${heldAs(swatch.fingers)}`;
    found.push(ofSwatch(swatch, state, nearness, group, spreads, doubts));
  }
  for (const piece of kit.finished) {
    const nearness = nearnessOf(piece);
    if (nearness)
      found.push(
        ofPiece(piece, state, nearness, `${groupOf(piece.yarnId)} ${piece.hole}${heldAs(piece.fingers)}`, spreads)
      );
  }
  return found
    .map((e) => (e.nearness === 'other-yarn' ? { ...e, told: { ...e.told, of: nameOf(other, e.group) } } : e))
    .sort((a, b) => ascending(a.on, b.on) || a.id.localeCompare(b.id));
}

/** Part of a group's name: fingers that hold as usual are not named. */
const heldAs = (fingers: FingerTension): string => (fingers === 'usual' ? '' : `-${fingers}`);

function nameOf(other: (id: string) => Yarn | undefined, group: string): string | null {
  const yarn = other(group.slice(0, group.lastIndexOf(' ')));
  return yarn ? yarnName(yarn) : null;
}
