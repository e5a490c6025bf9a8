import { machineOf, ringMm, strandTex, yarnName } from '../kit';
import { about, type Figure } from '../quantity';
import { type Executed, rowRuns } from './executed';

/** One purpose a yarn is used for. */
export interface YarnPart {
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

/** A chained cord takes about four times its length in yarn (handbook section 6). */
const CHAIN_FACTOR = 4;

/** Reads metres, grams and balls of every yarn: the sum over its rows, and every tail and thread. */
export function readYarnUse(run: Executed): YarnUse[] {
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
    for (const r of rowRuns(knitted)) {
      let stitches = 0;
      for (let row = r.first; row <= r.last; row++) stitches += knitted.stitches[row]!;
      const metres = (piece.copies * stitches * gauges[r.yarn]!.loopMm) / 1000;
      (r.purpose === 0 ? rowsM : wasteM)[r.yarn]! += metres;
    }
    let onPins: string | null = null;
    for (const op of piece.operations) {
      if (op.op === 'castOn') {
        // The weave lies once round the pins; then its tail.
        add(op.yarn, 'cast-on', ringMm(machineOf(kit, piece.machineId)) + op.tailMm, piece.copies);
        onPins = op.yarn;
      } else if (op.op === 'knit') {
        if (onPins !== null && onPins !== op.yarn) {
          add(onPins, 'tails at joins', op.joinTailMm, piece.copies);
          add(op.yarn, 'tails at joins', op.joinTailMm, piece.copies);
        }
        onPins = op.yarn;
      } else if (op.op === 'hangOff' && op.thread) add(op.thread, 'drawstring', op.threadMm, piece.copies);
    }
  });
  for (const f of plan.finishing) {
    if (f.do === 'threadEdge') add(f.yarn, 'drawstring', f.lengthMm);
    else if (f.do === 'zipEdges') add(f.yarn, 'zip thread', f.lengthMm);
    else if (f.do === 'pompom') add(f.yarn, 'pompom', f.wraps * 2 * f.cardMm);
    else if (f.do === 'ties') add(f.yarn, 'tie cords', f.count * f.lengthMm * CHAIN_FACTOR);
  }

  return yarns.map((yarn, i) => {
    const { strands } = yarn;
    const gauge = gauges[i]!;
    const parts: YarnPart[] = [
      ...(rowsM[i]! > 0 ? [{ what: 'rows', metres: rowsM[i]! * strands }] : []),
      ...(wasteM[i]! > 0 ? [{ what: 'waste rows', metres: wasteM[i]! * strands }] : []),
      ...[...tails[i]!].map(([what, metres]) => ({ what, metres: metres * strands }))
    ];
    const metres = parts.reduce((sum, part) => sum + part.metres, 0);
    const knittedShare = metres > 0 ? ((rowsM[i]! + wasteM[i]!) * strands) / metres : 0;
    const spread = knittedShare * gauge.loopSpread + (1 - knittedShare) * TAIL_SPREAD;
    const because = `${parts.map((part) => `${part.what} ${part.metres.toFixed(1)} m`).join(' + ')}; ${(gauge.loopMm / 10).toFixed(2)} cm of yarn in a stitch${strands > 1 ? `, ${strands} strands` : ''}; ${gauge.courses.because}`;
    const figure = about(metres, spread, 'm', gauge.courses.basis, because);
    const gramsPerMetre = strandTex(yarn) / 1000;
    const scaled = (factor: number, unit: 'g' | 'balls', why: string): Figure => ({
      ...figure,
      value: metres * factor,
      low: figure.low * factor,
      high: figure.high * factor,
      unit,
      because: `${why}; ${because}`
    });
    return {
      yarnId: yarn.id,
      name: yarnName(yarn),
      metres: figure,
      grams: scaled(gramsPerMetre, 'g', `${strandTex(yarn).toFixed(0)} tex by the label`),
      balls: scaled(1 / yarn.label.metres, 'balls', `${yarn.label.metres} m to the ball`),
      parts,
      stockGrams: yarn.stockGrams
    };
  });
}
