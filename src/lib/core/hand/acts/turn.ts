import type { ActOf } from '../../plan';
import { endsShut, turnedOut } from '../layers';
import type { Refusal } from '../refusal';
import type { Layer, Part } from '../state';
import { type ActRule, firstOf, notOff, partsIn, type Table, unchanged } from './rule';

export interface TurnFacts {
  readonly out: ActOf<'turn'>['out'];
  /** What it is turned through: an end, the fold of a lined tube, or the hole of a ring. */
  readonly through: 'end' | 'fold' | 'ring';
  /** It is finished like this. */
  readonly stays: boolean;
}

/** Whether layers lie as an act wants them. */
function lies(layers: readonly Layer[], out: ActOf<'turn'>['out']): boolean {
  const { half, face } = layers[0]!;
  return out === 'knit' || out === 'purl' ? face === out : half === out;
}

/** What a part can be turned through now. */
function wayOf(t: Table, part: Part, id: number): TurnFacts['through'] | null {
  const { rims } = t.s.surfaces[part.surface]!;
  if (part.filled) return null;
  if (part.form === 'lined') return rims.some((rim) => rim.some((r) => t.s.runs[r]!.run === 'fold')) ? 'fold' : null;
  if (part.form === 'flat') return rims.length > 1 ? 'ring' : null;
  return endsShut(t.s, id) || rims.length === 0 ? null : 'end';
}

function refusalOf(act: ActOf<'turn'>, t: Table, part: Part, id: number): Refusal | undefined {
  const { piece } = act;
  if (lies(part.layers, act.out)) return { code: 'out-already', piece, out: act.out };
  if (part.brim) return { code: 'brim-up', piece };
  const way = wayOf(t, part, id) !== null && lies(turnedOut(part.layers), act.out);
  return way ? undefined : { code: 'no-way-through', piece };
}

/** Inside out, through an opening: what lay inside lies outside, and the fabric shows its other face. */
export const turn: ActRule<ActOf<'turn'>, TurnFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => act.out,
  mirror: unchanged,
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
    let through: TurnFacts['through'] = 'end';
    for (const { part, id } of partsIn(t, act.piece)) {
      through = wayOf(t, part, id) ?? through;
      part.layers = turnedOut(part.layers);
    }
    return { out: act.out, through, stays: act.stays ?? false };
  },
  minutes: () => 0.3
};
