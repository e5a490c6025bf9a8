import { pieceAt } from '$lib/core/read';
import type { Executed } from '$lib/core/knit';
import type { Moment } from '$lib/core/read';
import { machineOf } from '$lib/core/kit';
import type { Speech } from '$lib/words';
import type { Scene, Shape, TextShape } from '../scene';
import { closeUp } from '.';
import { counterSight, ringSight, waySight } from './set-up';

/** Width of a letter as a share of its size, on the wide side (measured on the text face). */
const LETTER = 0.56;

/** A word moved as far as it takes to stand in the picture whole. */
function within(text: TextShape, width: number): TextShape {
  const wide = text.text.length * text.size * LETTER;
  const left = { start: 0, middle: wide / 2, end: wide }[text.anchor];
  return { ...text, x: Math.max(left, Math.min(text.x, width - (wide - left))) };
}

const wholeWords = (scene: Scene): Scene => ({
  ...scene,
  shapes: scene.shapes.map((shape): Shape => (shape.shape === 'text' ? within(shape, scene.width) : shape))
});

/** The picture of one moment at the machine. @param label the sentence that goes with it */
export const momentScene = (
  run: Executed,
  piece: number,
  moment: Moment,
  say: Speech,
  label: string,
  width: number,
  height: number
): Scene => wholeWords(drawn(run, piece, moment, say, label, width, height));

function drawn(
  run: Executed,
  piece: number,
  { sight }: Moment,
  say: Speech,
  label: string,
  width: number,
  height: number
): Scene {
  const hexes = run.yarns.map((yarn) => yarn.colour.hex);
  switch (sight.of) {
    case 'pins':
      return closeUp(sight.look, hexes, say, label, width, height);
    case 'ring':
      return ringSight(sight, machineOf(run.kit, pieceAt(run, piece).planned.machineId), say, label, width, height);
    case 'way':
      return waySight(sight, hexes, say, label, width, height);
    case 'counter':
      return counterSight(label, width, height);
  }
}
