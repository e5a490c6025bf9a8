import type { Step } from '$lib/core/read';

/**
 * Whether a hat was folded as the steps of before the fourth edition told it: the end that is outside now was drawn and pushed
 * in, so that the outside lies within. It need only be turned when all is done.
 *
 * @param ticked ids of the finishing steps that are done
 * @param steps the finishing steps as they are told today
 * @example foldedInsideOut(['hand.draw.1.cast-on', 'hand.fold.1.inside'], steps) // true
 */
export function foldedInsideOut(ticked: readonly string[], steps: readonly Pick<Step, 'id'>[]): boolean {
  const fold = steps.findIndex(({ id }) => /^hand\.fold\.1\.inside$/.test(id));
  if (fold < 0 || !ticked.includes('hand.fold.1.inside')) return false;
  // A school that turns the whole hat afterwards leads there by itself.
  if (steps.slice(fold).some(({ id }) => /^hand\.turn\.1/.test(id))) return false;
  const drawn = steps.map(({ id }) => id).filter((id) => id.startsWith('hand.draw.1.'));
  const [first, second] = drawn;
  // The end that is drawn first today goes in: where the other one was drawn and this one was not, the hat is inside out.
  return first !== undefined && second !== undefined && ticked.includes(second) && !ticked.includes(first);
}
