import { describe, expect, it } from 'vitest';
import { made } from '../../../tests/support/sample';
import { foldedInsideOut } from './old-fold';

const stepsOf = (options: object) => made('lined-hat', options).steps.filter((step) => step.phase === 'finish');

describe('a hat that was folded before its steps were corrected', () => {
  const steps = stepsOf({ style: 'plain', closing: 'draw' });

  it('has its outside within: the end that is outside today was drawn and pushed in', () => {
    expect(foldedInsideOut(['hand.rest.1', 'hand.draw.1.cast-on', 'hand.fold.1.inside'], steps)).toBe(true);
  });

  it('is not said of one that is not folded yet, nor of one that follows the steps of today', () => {
    expect(foldedInsideOut(['hand.draw.1.cast-on'], steps)).toBe(false);
    expect(foldedInsideOut(['hand.draw.1.hung-off', 'hand.fold.1.inside'], steps)).toBe(false);
    const all = steps.map(({ id }) => id);
    for (let done = 0; done <= all.length; done++) expect(foldedInsideOut(all.slice(0, done), steps)).toBe(false);
  });

  it('a zipped hat is turned by its own last step', () => {
    const zipped = stepsOf({ style: 'plain', closing: 'zip' });
    expect(zipped.some(({ id }) => id.startsWith('hand.turn'))).toBe(true);
    expect(foldedInsideOut(['hand.draw.1.cast-on', 'hand.fold.1.inside'], zipped)).toBe(false);
  });
});
