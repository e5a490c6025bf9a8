import { type Made, stateBefore, walk } from '$lib/core/hand';
import type { Act } from '$lib/core/plan';
import type { Point, Sketch } from '$lib/core/read';
import type { Speech } from '$lib/words';
import { chainRungs } from './chain-rungs';
import { cord, hang, pompom, threadCord, tryOn } from './cords';
import type { Desk, DrawAct } from './drawing';
import { bringOut, draw, gather, runDown, thread, wasteOff } from './ends';
import { fold, turn } from './folds';
import { lead } from './lead';
import { bind, join, sewOn } from './seams';
import { block, fill, fix, latch, latchUp, rest, waist } from './shaping';
import { tie, weave } from './tails';

/** A drawing for every act but the knitter's own words, which nobody else can draw. One that is missing does not compile. */
const DRAWN: { readonly [D in Exclude<Act['do'], 'own'>]: DrawAct<D> } = {
  thread,
  lead,
  draw,
  gather,
  bringOut,
  join,
  bind,
  chainRungs,
  runDown,
  wasteOff,
  fold,
  turn,
  waist,
  fill,
  block,
  latch,
  latchUp,
  cord,
  tryOn,
  threadCord,
  sewOn,
  rest,
  pompom,
  fix,
  hang,
  tie,
  weave
};

/** Points to a hundredth of a millimetre: nobody sees less, and the answers of the service are half as long. */
const fine = (points: readonly Point[]): Point[] =>
  points.map(([x, y]) => [Math.round(x * 100) / 100, Math.round(y * 100) / 100]);

function drawn(desk: Desk, index: number): Sketch | null {
  const { made, say } = desk;
  const did = made.worked.done[index];
  if (!did?.facts || did.do === 'own') return null;
  const draws = DRAWN[did.do] as unknown as (act: Act, facts: object, d: Desk) => Omit<Sketch, 'label'>;
  const caption = say.words.draw.captions[did.do] as unknown as (act: Act, facts: object, t: Speech['talk']) => string;
  const drawing = draws(did.act, did.facts, desk);
  const shapes = drawing.shapes.map((shape) => ({
    ...shape,
    points: fine(shape.points),
    title: shape.rows ? `${shape.title}, ${say.talk.span(shape.rows.from, shape.rows.to)}` : shape.title
  }));
  const lines = drawing.lines.map((line) => ({ ...line, points: fine(line.points) }));
  return { label: caption(did.act, did.facts, say.talk), ...drawing, shapes, lines };
}

/**
 * The drawing of one act, made from what lay on the table before it and after it.
 *
 * @param index number of the act in the plan
 * @returns null for an act that was refused, and for the knitter's own words
 * @example actSketch(result, 3, speak(result))?.label // 'The first half goes up inside'
 */
export function actSketch(made: Made, index: number, say: Speech): Sketch | null {
  return drawn({ made, before: stateBefore(made, index), after: () => stateBefore(made, index + 1), say }, index);
}

/**
 * The drawings of all acts, in their order, from one walk over the table: no state is kept but the one that is drawn.
 *
 * @example actSketches(result, speak(result)).length // 9
 */
export function actSketches(made: Made, say: Speech): (Sketch | null)[] {
  const sketches: (Sketch | null)[] = [];
  walk(made, (index, before, after) => sketches.push(drawn({ made, before, after, say }, index)));
  return sketches;
}
