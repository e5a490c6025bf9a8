import type { Finding } from '../plan';
import type { Judge } from './readings';

/** What hands cannot do, and what they would leave undone: either stops a plan. */
export const hands: Judge = {
  code: 'hands',
  watches: 'acts that no hand can do, live loops, waste, threads, tails or openings that are left over',
  find: (r) => {
    const refused = r.worked.refusals.map(({ act, refusal }): Finding => ({
      code: `hand-${refusal.code}`,
      weight: 'stop',
      place: { act, piece: refusal.piece },
      about: { by: 'hand', facts: refusal }
    }));
    const left = r.worked.left.map((facts): Finding => ({
      code: 'left-undone',
      weight: 'stop',
      place: { piece: facts.piece },
      about: { by: 'left', facts }
    }));
    return [...refused, ...left];
  }
};
