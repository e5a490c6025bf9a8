import { type Made, stateBefore } from '$lib/core/hand';
import type { Act } from '$lib/core/plan';
import type { Sketch } from '$lib/core/read';
import type { Speech } from '$lib/words';
import { cord, hang, pompom, threadCord } from './cords';
import type { Desk, DrawAct } from './drawing';
import { bringOut, draw, gather, runDown, thread, wasteOff } from './ends';
import { fold, turn } from './folds';
import { bind, join, sewOn } from './seams';
import { block, fill, fix, latch, rest, waist } from './shaping';
import { tie, weave } from './tails';

/** A drawing for every act but the knitter's own words, which nobody else can draw. One that is missing does not compile. */
const DRAWN: { readonly [D in Exclude<Act['do'], 'own'>]: DrawAct<D> } = {
  thread,
  draw,
  gather,
  bringOut,
  join,
  bind,
  runDown,
  wasteOff,
  fold,
  turn,
  waist,
  fill,
  block,
  latch,
  cord,
  threadCord,
  sewOn,
  rest,
  pompom,
  fix,
  hang,
  tie,
  weave
};

/**
 * The drawing of one act, made from what lay on the table before it and after it.
 *
 * @param index number of the act in the plan
 * @returns null for an act that was refused, and for the knitter's own words
 * @example actSketch(result, 3, speak(result))?.label // 'The first half goes up inside'
 */
export function actSketch(made: Made, index: number, say: Speech): Sketch | null {
  const did = made.worked.done[index];
  if (!did?.facts || did.do === 'own') return null;
  const desk: Desk = { made, before: stateBefore(made, index), after: stateBefore(made, index + 1), say };
  const draws = DRAWN[did.do] as unknown as (act: Act, facts: object, d: Desk) => Omit<Sketch, 'label'>;
  const caption = say.words.draw.captions[did.do] as unknown as (act: Act, facts: object, t: Speech['talk']) => string;
  const drawing = draws(did.act, did.facts, desk);
  const shapes = drawing.shapes.map((shape) =>
    shape.rows ? { ...shape, title: `${shape.title}, ${say.talk.span(shape.rows.from, shape.rows.to)}` } : shape
  );
  return { label: caption(did.act, did.facts, say.talk), ...drawing, shapes };
}
