import type { Kit } from '../kit';
import { machineOf } from '../kit';
import { withJoinsTied, withoutJoinsTied } from '../kinds/shared/hands';
import {
  type Act,
  type Operation,
  type Piece,
  type PieceColours,
  type Plan,
  rowsIn,
  tensionOf,
  withCounter
} from '../plan';
import { inOwnYarn } from './own-yarn';
import { sectionsOf, type Stretch } from './sections-of';

/** Hands sections out row by row; past the last one the yarn of the plan goes on. */
class Dealer {
  #at = 0;
  #used = 0;
  #index = 0;
  constructor(private readonly sections: readonly Stretch[]) {}

  /** Takes so many rows: stretches of one section each, with the number of the section. */
  take(rows: number, otherwise: string): (Stretch & { index: number })[] {
    const taken: (Stretch & { index: number })[] = [];
    let left = rows;
    while (left > 0) {
      const section = this.sections[this.#at];
      const count = section ? Math.min(left, section.rows - this.#used) : left;
      const { yarn, ...tight } = section ?? { yarn: otherwise };
      taken.push({ yarn, ...tensionOf(tight), rows: count, index: this.#index });
      left -= count;
      this.#used += count;
      if (section && this.#used >= section.rows) {
        this.#at++;
        this.#index++;
        this.#used = 0;
      }
    }
    return taken;
  }

  /** The yarn of the next row. */
  next(otherwise: string): string {
    return this.sections[this.#at]?.yarn ?? otherwise;
  }
}

/** A piece with its work rows in other yarns: shaping, waste and every count stay as they are. */
function recoloured(kit: Kit, piece: Piece, sections: readonly Stretch[]): Piece {
  const before = sectionsOf(piece);
  const [first, last] = [before[0]?.yarn, before.at(-1)?.yarn];
  const dealer = new Dealer(sections);
  const counted = piece.operations.some((op) => op.op === 'zeroCounter');
  const onWaste = piece.operations.find((op) => op.op === 'knit')?.purpose !== 'work';
  let latest = last ?? '';
  const start = sections[0]?.yarn ?? first ?? '';
  const operations = piece.operations.flatMap((op): Operation[] => {
    switch (op.op) {
      case 'zeroCounter':
        return [];
      case 'castOn':
        // Cast on in the first colour, where no waste lies between.
        return [op.yarn === first && !onWaste ? { ...op, yarn: start } : op];
      case 'knit': {
        if (op.purpose !== 'work') return [op];
        const { firstTail, hole: _, fingers: __, ...bare } = op;
        return dealer.take(op.rows, op.yarn).map(({ index, ...stretch }, i) => {
          latest = stretch.yarn;
          return {
            ...bare,
            section: `Section ${index + 1}`,
            ...stretch,
            ...(i === 0 && firstTail ? { firstTail } : {})
          };
        });
      }
      case 'newEnd':
        return [{ ...op, yarn: dealer.next(latest) }];
      case 'hangOff':
        // What is chained or drawn with the work's own yarn is now done with that of its last row.
        return [op.thread !== null && op.thread === last && op.style !== 'waste' ? { ...op, thread: latest } : op];
      case 'decrease':
      case 'increase':
      case 'hold':
      case 'float':
      case 'rehang':
      case 'ladder':
        return [op];
    }
  });
  const { counter } = machineOf(kit, piece.machineId);
  return { ...piece, operations: counted ? withCounter(operations, counter, kit.habits.counter) : operations };
}

/** Changes of yarn in a list of stretches; one of tension alone is none. */
export const yarnChanges = (stretches: readonly Stretch[]): number =>
  stretches.filter(({ yarn }, i) => i > 0 && yarn !== stretches[i - 1]!.yarn).length;

/** Ties the joins that there are now, once the piece was stretched and before anything closes it; and none that are gone. */
function tied(
  acts: readonly Act[],
  pieces: readonly Piece[],
  changed: readonly number[],
  how: 'knot' | 'weave' | 'machine'
): readonly Act[] {
  return changed.reduce<readonly Act[]>((before, p) => {
    if (yarnChanges(sectionsOf(pieces[p]!)) === 0) return withoutJoinsTied(before, p);
    return withJoinsTied(before, p, pieces[p]!.mode === 'tube', how);
  }, acts);
}

/**
 * A plan in the colours that were set on its tubes: the same rows, the same shaping, other yarns; joins are tied where they
 * are now.
 *
 * @param joinBy how the tails of a join end
 * @example recolour(kit, plan, [{ piece: 0, sections: [{ yarn: 'red', rows: 60 }, { yarn: 'blue', rows: 60 }] }], 'knot')
 */
export function recolour(
  kit: Kit,
  plan: Plan,
  colours: readonly PieceColours[],
  joinBy: 'knot' | 'weave' | 'machine'
): Plan {
  const set = new Map(colours.filter(({ piece }) => piece < plan.pieces.length).map((c) => [c.piece, c.sections]));
  if (set.size === 0) return plan;
  const pieces = plan.pieces.map((piece, p) => (set.has(p) ? recoloured(kit, piece, set.get(p)!) : piece));
  const { worn } = plan;
  return {
    ...plan,
    pieces,
    acts: tied(inOwnYarn(plan.acts, pieces), pieces, [...set.keys()], joinBy),
    // A band is a section by its name: set on the tube it is whatever was set.
    worn: worn?.form === 'lined-hat' && worn.band !== undefined && set.has(0) ? withoutBand(worn) : worn
  };
}

const withoutBand = <W extends { readonly band?: string }>({ band: _, ...worn }: W): Omit<W, 'band'> => worn;

/** Rows that the sections of a piece are off from those it has: more when above 0. */
export const offBy = (piece: Piece, sections: readonly Stretch[]): number =>
  rowsIn(sections) - rowsIn(sectionsOf(piece));
