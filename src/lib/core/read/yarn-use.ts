import { gaugeFor, type Kit, machineOf, ringMm, strandTex, yarnName } from '../kit';
import { type CastOn, floatMm, JOIN_TAIL_MM, type Knit, type Piece } from '../plan';
import { about, type Figure, type Reason } from '../quantity';
import type { CutWhat, Made } from '../hand';
import { type Executed, pieceAt } from '../knit';

/** One purpose a yarn is used for. */
interface YarnPart {
  readonly what: string;
  readonly metres: number;
}

/** What one yarn of the plan is used for, all strands and copies together. */
export interface YarnUse {
  readonly yarnId: string;
  readonly name: string;
  readonly metres: Figure;
  readonly grams: Figure;
  readonly balls: Figure;
  readonly parts: readonly YarnPart[];
  /** Grams at hand, when the stash knows. */
  readonly stockGrams: number | null;
}

/** Spare on tails: hands cut with a margin (own estimate, no source). */
const TAIL_SPREAD = 0.15;

/** Wrapping a pin takes about twice the way along the ring (own estimate, no source). */
const WRAP_FACTOR = 2;

/** What a length that is cut for making up counts as. */
export const CUT_PARTS: Readonly<Record<CutWhat, string>> = {
  drawstring: 'drawstring',
  zip: 'zip thread',
  closing: 'closing ends',
  edge: 'crocheted edges',
  band: 'bands and hem',
  cuff: 'cuffs',
  chain: 'chains',
  seam: 'seams',
  held: 'chaining off',
  ladder: 'ladder ends',
  toe: 'toes',
  ears: 'ears',
  waist: 'waists',
  sewing: 'sewing on',
  face: 'face',
  hanging: 'hanging threads',
  button: 'buttons',
  patch: 'patches',
  pompom: 'pompom'
};

/** The gauge a yarn's figures rest on: that of the first piece it knits work rows in. */
function gaugeOf(run: Executed, yarn: number): Executed['gauges'][number][number] {
  const knits = (p: number): boolean => pieceAt(run, p).fabric.runs.some((r) => r.yarn === yarn && r.purpose === 0);
  const first = run.plan.pieces.findIndex((_, p) => knits(p));
  return run.gauges[Math.max(0, first)]?.[yarn] ?? gaugeFor(run.kit, run.kit.machines[0]!, run.yarns[yarn]!, 1);
}

/**
 * Yarn of a cast-on, mm: the weave lies once round the pins, a wrap goes twice that way, a strip is knitted already;
 * then the
 * tail.
 */
export function castOnMm(kit: Kit, piece: Piece, op: CastOn): number {
  const machine = machineOf(kit, piece.machineId);
  const over = (ringMm(machine) * (piece.to - piece.from + 1)) / machine.pins;
  return over * { weave: 1, 'e-wrap': WRAP_FACTOR, rag: 0 }[op.style] + op.tailMm;
}

/** Reads metres, grams and balls of every yarn: the sum over its rows, and every tail and thread. */
export function readYarnUse(run: Made): YarnUse[] {
  const { plan, fabric, yarns, gauges, kit } = run;
  const rowsM = yarns.map(() => 0);
  const wasteM = yarns.map(() => 0);
  const tails: Map<string, number>[] = yarns.map(() => new Map());
  const indexOf = (id: string): number => fabric.yarns.indexOf(id);
  const add = (id: string, what: string, mm: number, copies = 1): void => {
    const part = tails[indexOf(id)]!;
    part.set(what, (part.get(what) ?? 0) + (copies * mm) / 1000);
  };

  plan.pieces.forEach((piece, p) => {
    const knitted = fabric.pieces[p]!;
    for (const r of knitted.runs) {
      let stitches = 0;
      for (let row = r.first; row <= r.last; row++) stitches += knitted.stitches[row]!;
      const metres = (piece.copies * stitches * gauges[p]![r.feed]!.loopMm) / 1000;
      (r.purpose === 0 ? rowsM : wasteM)[r.yarn]! += metres;
    }
    const { after, columns } = knitted.floats;
    if (after.length > 0) {
      // Where the work begins without waste, its cast-on goes round the card as well.
      let casts = knitted.purpose[0] === 0 ? 1 : 0;
      for (const r of knitted.runs) {
        if (r.purpose !== 0) continue;
        const laidMm = after.length * floatMm(columns, gauges[p]![r.feed]!.loopMm);
        add(fabric.yarns[r.yarn]!, 'floats', laidMm * (r.last - r.first + 1 + casts), piece.copies);
        casts = 0;
      }
    }
    for (const fault of knitted.faults) {
      if (fault.kind === 'new-ball')
        add(fabric.yarns[knitted.yarn[fault.row - 1]!]!, 'tails at joins', 2 * JOIN_TAIL_MM);
    }
    let onPins: string | null = null;
    let work: Knit | null = null;
    let last: Knit['purpose'] | null = null;
    for (const op of piece.operations) {
      if (op.op === 'castOn') {
        add(op.yarn, 'cast-on', castOnMm(kit, piece, op), piece.copies);
        onPins = op.yarn;
      } else if (op.op === 'knit') {
        // Waste in the work's own yarn is cut off it all the same.
        if (onPins !== null && (onPins !== op.yarn || (last && last !== op.purpose))) {
          const [ends, begins] = [last === 'work' && op.purpose !== 'work', last !== 'work' && op.purpose === 'work'];
          add(onPins, 'tails at joins', (ends ? work?.lastTailMm : undefined) ?? op.joinTailMm, piece.copies);
          add(op.yarn, 'tails at joins', (begins ? op.firstTailMm : undefined) ?? op.joinTailMm, piece.copies);
        }
        if (op.purpose === 'work') work = op;
        last = op.purpose;
        onPins = op.yarn;
      } else if (op.op === 'newEnd') {
        add(onPins ?? op.yarn, 'tails at joins', op.oldTailMm ?? op.tailMm, piece.copies);
        add(op.yarn, 'tails at joins', op.newTailMm ?? op.tailMm, piece.copies);
        onPins = op.yarn;
      } else if (op.op === 'hangOff' && op.thread)
        add(op.thread, op.style === 'chain' ? 'chained edge' : 'tail of the last row', op.threadMm, piece.copies);
    }
  });
  for (const cut of run.worked.cuts) add(cut.yarn, CUT_PARTS[cut.what], cut.mm, cut.count);

  return yarns.map((yarn, i) => {
    const { strands } = yarn;
    const gauge = gaugeOf(run, i);
    const parts: YarnPart[] = [
      ...(rowsM[i]! > 0 ? [{ what: 'rows', metres: rowsM[i]! * strands }] : []),
      ...(wasteM[i]! > 0 ? [{ what: 'waste rows', metres: wasteM[i]! * strands }] : []),
      ...[...tails[i]!].map(([what, metres]) => ({ what, metres: metres * strands }))
    ];
    const metres = parts.reduce((sum, part) => sum + part.metres, 0);
    const knittedShare = metres > 0 ? ((rowsM[i]! + wasteM[i]!) * strands) / metres : 0;
    const spread = knittedShare * gauge.loopSpread + (1 - knittedShare) * TAIL_SPREAD;
    const because: readonly Reason[] = [
      { say: 'yarnParts', parts, loopMm: gauge.loopMm, strands },
      ...gauge.courses.because
    ];
    const figure = about(metres, spread, 'm', gauge.courses.basis, because);
    const gramsPerMetre = strandTex(yarn) / 1000;
    const scaled = (factor: number, unit: 'g' | 'balls', why: Reason): Figure => ({
      ...figure,
      value: metres * factor,
      low: figure.low * factor,
      high: figure.high * factor,
      unit,
      because: [why, ...because]
    });
    return {
      yarnId: yarn.id,
      name: yarnName(yarn),
      metres: figure,
      grams: scaled(gramsPerMetre, 'g', { say: 'tex', tex: strandTex(yarn) }),
      balls: scaled(1 / yarn.label.metres, 'balls', { say: 'ball', metres: yarn.label.metres }),
      parts,
      stockGrams: yarn.stockGrams
    };
  });
}
