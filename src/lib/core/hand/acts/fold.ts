import { colourChanges, lengthMmOf, pieceAt } from '../../knit';
import { type ActOf, type Edge, type Half, otherEdge } from '../../plan';
import { addRun as put, endRuns, ringAt } from '../rims';
import type { Refusal } from '../refusal';
import type { Hold, Layer, Part, Run, State } from '../state';
import { endsShut, foldedIn, outsideOf, pressedFlat, spaceOf } from '../layers';
import { tailsOf } from '../tails';
import { type ActRule, firstOf, notOff, partsIn, type Table } from './rule';

export interface FoldFacts {
  /** Work row of the fold of a lining. */
  readonly row: number | null;
  /** Length and height of what lies there, mm. */
  readonly alongMm: number;
  readonly highMm: number;
  readonly heightMm: number | null;
  /** Changes of colour in the rows of the work: their knots are to lie between the layers. */
  readonly joins: number;
  /** A brim is turned up, and a stretched tube pinched, in a moment. */
  readonly brim: boolean;
  readonly pinched: boolean;
  /** There is a lining that shows on it. */
  readonly lined: boolean;
  /** Folded into itself: the end that goes in, and the one that stays outside. */
  readonly enters: Edge | null;
  readonly stays: Edge | null;
  /** The half of the rows that lies outside then. */
  readonly outside: Half;
}

/** Folds of a pouch, in their order. */
const POUCH = ['pouch-right', 'pouch-left', 'pouch-over'] as const;

/** The end that goes in; the one that was knitted last where an act does not say. */
const entersOf = (act: ActOf<'fold'>): Edge => act.enters ?? 'hung-off';

/** Whether a loose tail would lie where no hand gets to it once the layers lie like this. */
function caught(t: Table, id: number, layers: readonly Layer[]): boolean {
  // Between the layers one gets by an end, into the hollow by the fold, which is open.
  const between = !endsShut(t.s, id);
  return tailsOf(t.s, id, (tail) => tail.fate === 'loose').some((tail) => spaceOf(layers, tail) === 1 && !between);
}

function refusalOf(act: ActOf<'fold'>, t: Table, part: Part, id: number): Refusal | undefined {
  const { piece } = act;
  // A panel seamed up and drawn shut is a hat whose edge can be turned up; otherwise only tubes are folded.
  if (part.body !== 'tube' && (act.how !== 'brim' || !ringAt(t.s, id, 'cast-on'))) return { code: 'not-tube', piece };
  switch (act.how) {
    case 'inside':
    case 'pinch':
      if (part.form !== 'tube') return { code: 'folded-already', piece };
      if (caught(t, id, foldedIn(part.layers, entersOf(act)))) return { code: 'tail-caught', piece };
      // Pinched, both ends must be shut: the halves are worked into each other from the middle.
      if (act.how === 'pinch' && !endsShut(t.s, id)) return { code: 'not-closed', piece };
      return undefined;
    case 'flat':
      if (part.form !== 'tube') return { code: 'folded-already', piece };
      return endsShut(t.s, id) ? undefined : { code: 'not-closed', piece };
    case 'pouch-right':
    case 'pouch-left':
    case 'pouch-over':
      if (part.form !== 'flat') return { code: 'not-closed', piece };
      if (part.pouch.includes(act.how)) return { code: 'folded-already', piece };
      return POUCH[part.pouch.length] === act.how ? undefined : { code: 'not-folded', piece };
    case 'brim':
      if (part.form !== 'lined' && part.body === 'tube') return { code: 'not-folded', piece };
      return part.brim ? { code: 'folded-already', piece } : undefined;
    case 'twist':
      if (part.form !== 'flat') return { code: 'not-closed', piece };
      return part.twisted ? { code: 'folded-already', piece } : undefined;
  }
}

function addRun(s: State, of: Omit<Run, 'id' | 'side' | 'row' | 'waste' | 'separator' | 'cut'>): number {
  return put(s, { ...of, id: s.runs.length, side: null, row: null, waste: 0, separator: false, cut: false });
}

/** A closed tube pressed flat is a disc of two layers: two ends, and two long folds between them. */
function layFlat(t: Table, part: Part, id: number, act: ActOf<'fold'>): void {
  const { s, run } = t;
  const { count } = pieceAt(run, act.piece).fabric.work;
  const along = lengthMmOf(run, act.piece);
  const pins = endRuns(s, id, 'hung-off');
  const [lo, hi] = [Math.min(...pins.map((r) => r.lo)), Math.max(...pins.map((r) => r.hi))];
  const across = pins.reduce((sum, r) => sum + r.mm, 0) / 2;
  const high = Math.floor((hi - lo + 1) / 2);
  const long = (name: 'upper' | 'lower', up: boolean, pin: number): number => {
    const hold: Hold = part.ran.includes(pin) ? 'rungs' : 'fold';
    return addRun(s, { part: id, run: name, lo: 1, hi: count, unit: 'rows', mm: along, up, hold });
  };
  const end = (name: 'first-end' | 'last-end'): number =>
    addRun(s, { part: id, run: name, lo: 1, hi: high, unit: 'stitches', mm: across, up: true, hold: 'fold' });
  const [upper, lower] = act.pins ?? [lo, lo + high];
  part.form = 'flat';
  part.layers = pressedFlat(part.layers);
  const surface = s.surfaces[part.surface]!;
  surface.chi -= 1;
  surface.rims.push([end('first-end'), long('upper', true, upper), end('last-end'), long('lower', false, lower)]);
}

/** One half goes inside the other: what was inside the tube lies between two layers, and a fold is the rim. */
function pushIn(t: Table, part: Part, id: number, enters: Edge): void {
  const { s } = t;
  const pins = endRuns(s, id, 'hung-off');
  const [lo, hi] = [Math.min(...pins.map((r) => r.lo)), Math.max(...pins.map((r) => r.hi))];
  const mm = pins.reduce((sum, r) => sum + r.mm, 0);
  part.form = 'lined';
  part.layers = foldedIn(part.layers, enters);
  const surface = s.surfaces[part.surface]!;
  surface.chi -= 1;
  surface.rims.push([addRun(s, { part: id, run: 'fold', lo, hi, unit: 'stitches', mm, up: true, hold: 'fold' })]);
}

/** Folds: into itself, flat, a pouch, a brim, two ends locked into each other. */
export const fold: ActRule<ActOf<'fold'>, FoldFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => act.how,
  mirror: (act, over) => ({ ...act, ...over.pins(act.piece, 'pins', act.pins) }),
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        for (const { part, id } of partsIn(t, act.piece)) {
          const refusal = refusalOf(act, t, part, id);
          if (refusal) return refusal;
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    for (const { part, id } of partsIn(t, act.piece)) {
      if (act.how === 'inside' || act.how === 'pinch') pushIn(t, part, id, entersOf(act));
      else if (act.how === 'flat') layFlat(t, part, id, act);
      else if (act.how === 'brim') part.brim = true;
      else if (act.how === 'twist') part.twisted = true;
      else part.pouch = [...part.pouch, act.how];
    }
    const { runs, work } = pieceAt(t.run, act.piece).fabric;
    const first = partsIn(t, act.piece)[0]!.id;
    const across = endRuns(t.s, first, 'hung-off').reduce((sum, r) => sum + r.mm, 0) / 2;
    const inside = act.how === 'inside' || act.how === 'pinch';
    return {
      row: inside ? Math.floor(work.count / 2) : null,
      alongMm: lengthMmOf(t.run, act.piece),
      highMm: across,
      heightMm: act.heightMm ?? null,
      joins: colourChanges(runs),
      brim: act.how === 'brim',
      pinched: act.how === 'pinch',
      lined: t.s.parts[first]!.form === 'lined',
      enters: inside ? entersOf(act) : null,
      stays: inside ? otherEdge(entersOf(act)) : null,
      outside: outsideOf(t.s.parts[first]!).half
    };
  },
  // Pushed in, the layers are laid line on line all round (own estimate, no source).
  minutes: (f) => (f.brim || f.pinched ? 0.1 : f.enters ? 1.5 : 0.5)
};
