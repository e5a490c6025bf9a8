import type { Finish } from '../../plan';
import type { Procedure } from './procedure';

/** Joins knotted for good once the tube was stretched. */
export const checkJoins: Procedure<Extract<Finish, { do: 'checkJoins' }>> = {
  words: (f, at) => ({
    title:
      f.joins === 1
        ? `Stretch the ${at.piece(f.piece)}, then knot the join for good`
        : `Stretch the ${at.piece(f.piece)}, then knot the ${f.joins} joins for good`,
    detail: 'Pull it wide first so that no knot holds it narrow. The small hole at the join closes with the knot.',
    why: 'A real knot survives the wash; one overhand knot and a woven-in tail is softer.',
    minutes: 0.3 * f.joins + 0.2
  })
};

/** Tails woven in. */
export const weaveIn: Procedure<Extract<Finish, { do: 'weaveIn' }>> = {
  words: (f) => ({
    title: `Weave in ${f.tails} ${f.tails === 1 ? 'tail' : 'tails'}`,
    detail: 'A few centimetres one way and back on the wrong side or between the layers, then cut.',
    minutes: 0.4 * f.tails
  })
};
