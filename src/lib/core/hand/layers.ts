import { type Edge, halfAt, otherFace, otherHalf, type ShownSide } from '../plan';
import type { Layer, OnFabric, Part, State, Tail } from './state';

/**
 * Which layer of a piece lies outside, and which face of the fabric shows on each. A tube off the machine is one layer, knit
 * side out. Folding it into itself or pressing it flat makes two layers; turning it inside out reverses them.
 */

/** A piece as it comes off the machine: one layer, knit side out. */
export const LAYERS_OFF: readonly Layer[] = [{ half: 'whole', face: 'knit' }];

/**
 * Layers once the piece was turned inside out: what lay inside lies outside, and every face points the other way.
 *
 * @example turnedOut([{ half: 'whole', face: 'knit' }]) // [{ half: 'whole', face: 'purl' }]
 */
export const turnedOut = (layers: readonly Layer[]): Layer[] =>
  [...layers].reverse().map(({ half, face }) => ({ half, face: otherFace(face) }));

/**
 * Layers once one end of a tube was pushed up inside the other. The half that goes in turns over at the fold.
 *
 * @param enters the end that is pushed in
 * @example foldedIn([{ half: 'whole', face: 'knit' }], 'hung-off') // first rows knit side out, last rows purl side out within
 */
export function foldedIn(layers: readonly Layer[], enters: Edge): Layer[] {
  const { face } = layers[0]!;
  const inner = halfAt(enters);
  return [
    { half: otherHalf(inner), face },
    { half: inner, face: otherFace(face) }
  ];
}

/** Layers once a closed tube was pressed flat: a front wall and a back wall. */
export function pressedFlat(layers: readonly Layer[]): Layer[] {
  const { face } = layers[0]!;
  return [
    { half: 'front', face },
    { half: 'back', face: otherFace(face) }
  ];
}

/** Number of the layer that a place lies on, from outside. What no layer names lies on the front wall, or the only one. */
function layerAt(layers: readonly Layer[], half: Layer['half']): number {
  const own = layers.findIndex((layer) => layer.half === half);
  if (own >= 0) return own;
  return Math.max(
    0,
    layers.findIndex((layer) => layer.half === 'front')
  );
}

/**
 * The space beside the fabric that a place faces, counted from outside: 0 is outside, the number of layers is the hollow
 * within, and what is between lies between two layers.
 *
 * @example spaceOf([{ half: 'first', face: 'knit' }, { half: 'last', face: 'purl' }], { half: 'last', face: 'purl' }) // 1
 */
export function spaceOf(layers: readonly Layer[], at: OnFabric): number {
  const i = layerAt(layers, at.half);
  return i + (layers[i]!.face === at.face ? 0 : 1);
}

/** Whether an end of the part is open still. */
const endOpen = (s: State, part: Part): boolean =>
  s.surfaces[part.surface]!.rims.some((rim) =>
    rim.some((id) => {
      const r = s.runs[id]!;
      if (r.part !== part.id) return false;
      return r.run === 'cast-on' || r.run === 'hung-off' || (r.run === 'fold' && part.form === 'tube');
    })
  );

/** Whether no end of a tube is open: nothing leads into it, or between the layers of a folded one. */
export const endsShut = (s: State, id: number): boolean => {
  const part = s.parts[id]!;
  return part.body === 'tube' && !endOpen(s, part);
};

/** Whether a hand reaches a space of a part now. Both sides of a panel always lie open. */
export function isOpen(s: State, id: number, space: number): boolean {
  const part = s.parts[id]!;
  if (space === 0 || part.body !== 'tube') return true;
  switch (part.form) {
    case 'tube':
      return endOpen(s, part);
    case 'lined':
      // Between the layers by an end; into the hollow by the rim at the fold.
      return space === 1 ? endOpen(s, part) && !part.linked : hasRim(s, part);
    case 'flat':
      return space === part.layers.length && hasRim(s, part);
  }
}

const hasRim = (s: State, part: Part): boolean => s.surfaces[part.surface]!.rims.length > 0;

/** Whether a hand reaches a tail, asked for many of them: each space of a part is looked at once. */
export function reaches(s: State): (tail: Tail) => boolean {
  const known: (boolean | undefined)[][] = [];
  return (tail) => {
    const space = spaceOf(s.parts[tail.part]!.layers, tail);
    const own = (known[tail.part] ??= []);
    return (own[space] ??= isOpen(s, tail.part, space));
  };
}

/** Whether something hangs outside now, where it is seen. */
export const isOutside = (part: Part, at: OnFabric): boolean => spaceOf(part.layers, at) === 0;

const told = ({ half, face }: Layer): ShownSide => ({
  half: half === 'front' || half === 'back' ? 'whole' : half,
  face
});

/** What is seen of a part from outside. */
export const outsideOf = (part: Part): ShownSide => told(part.layers[0]!);

/** What is seen of a part by looking in through an opening. */
export function insideOf(part: Part): ShownSide {
  const { half, face } = part.layers.at(-1)!;
  return told({ half, face: otherFace(face) });
}
