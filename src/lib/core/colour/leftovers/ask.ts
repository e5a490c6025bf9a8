import { pieceAt } from '../../knit';
import { colourDifference, gaugeFor, type Kit, machineOf, strandTex, yarnOf } from '../../kit';
import type { Made } from '../../hand';
import { JOIN_TAIL_MM } from '../../plan';
import { castOnMm, type Reveal } from '../../read';
import { fatesOf } from '../moves';
import { sectionsOf } from '../sections-of';
import type { LeftoverPiece, LeftoverProblem, Zone } from './problem';

/** What is wished of sections from leftovers. */
export interface LeftoverWish {
  /** Yarns of the kit with grams left, in the order they are wanted. */
  readonly yarns: readonly { readonly id: string; readonly grams: number; readonly ugly: boolean }[];
  readonly leastRows: number;
  readonly inOrder: boolean;
  readonly mirrored: boolean;
  /** Neighbours must differ by so much (CIEDE2000); 0 lets any two lie together. */
  readonly contrast: number;
}

/** A project with the pieces of it that are to be coloured. */
export interface LeftoverProject {
  readonly id: string;
  readonly result: Made & { readonly reveal: Reveal };
  readonly pieces: readonly number[];
}

/** Neighbouring rows that are all seen, or all out of sight. */
function zonesOf(run: LeftoverProject['result'], piece: number): Zone[] {
  const zones: { rows: number; seen: boolean }[] = [];
  for (const fate of fatesOf(run, piece)) {
    const seen = fate === 'seen' || fate === 'turned-up';
    const last = zones.at(-1);
    if (last?.seen === seen) last.rows++;
    else zones.push({ rows: 1, seen });
  }
  return zones;
}

/** One piece as the search sees it. Every row counts as much as its widest one: shaped pieces take less. */
function pieceOf({ id, result }: LeftoverProject, p: number, wish: LeftoverWish): LeftoverPiece {
  const { planned, fabric } = pieceAt(result, p);
  const machine = machineOf(result.kit, planned.machineId);
  const width = Math.max(...fabric.stitches);
  const cast = planned.operations.find((op) => op.op === 'castOn');
  const off = planned.operations.at(-1);
  const before = sectionsOf(planned);
  const first = cast?.op === 'castOn' && cast.yarn === before[0]?.yarn ? castOnMm(result.kit, planned, cast) : 0;
  const last = off?.op === 'hangOff' && off.thread !== null && off.thread === before.at(-1)?.yarn ? off.threadMm : 0;
  return {
    piece: p,
    project: id,
    copies: planned.copies,
    zones: zonesOf(result, p),
    rowMetres: wish.yarns.map((y) => {
      const yarn = yarnOf(result.kit, y.id, result.brief.strands);
      const { loopMm } = gaugeFor(result.kit, machine, yarn, planned.hole, result.brief.fingers);
      return (width * loopMm * yarn.strands) / 1000;
    }),
    firstMetres: first / 1000,
    lastMetres: last / 1000
  };
}

/** Metres of a yarn that making up takes in these projects, rows and joins aside. */
const sewnMetres = (projects: readonly LeftoverProject[], yarn: string): number =>
  projects.reduce((sum, { result }) => sum + result.worked.cuts.reduce((s, c) => s + (c.yarn === yarn ? (c.mm * c.count) / 1000 : 0), 0), 0); // prettier-ignore

/**
 * The problem of some pieces and what is left of some yarns: metres from grams by the labels, what sewing takes laid aside.
 *
 * @example problemOf(kit, [{ id: 'hat', result, pieces: [0] }], wish).pieces[0].zones // [{ rows: 4, seen: false }, …]
 */
export function problemOf(kit: Kit, projects: readonly LeftoverProject[], wish: LeftoverWish): LeftoverProblem {
  const hex = (id: string): string => yarnOf(kit, id).colour.hex;
  const apart = wish.yarns.flatMap(
    (a, i) =>
    wish.yarns.slice(i + 1).flatMap((b, k) => (colourDifference(hex(a.id), hex(b.id)) < wish.contrast ? [[i, i + 1 + k] as const] : [])) // prettier-ignore
  );
  return {
    yarns: wish.yarns.map(({ id, grams, ugly }) => ({
      id,
      metres: Math.max(0, (1000 * grams) / strandTex(yarnOf(kit, id)) - sewnMetres(projects, id)),
      ugly
    })),
    pieces: projects.flatMap((project) => project.pieces.map((p) => pieceOf(project, p, wish))),
    tailMetres: JOIN_TAIL_MM / 1000,
    leastRows: wish.leastRows,
    apart,
    inOrder: wish.inOrder,
    mirrored: wish.mirrored
  };
}
