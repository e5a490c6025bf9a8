import type { Act } from './acts';
import type { RunRef } from './rims';

const refsOf = (act: Act): readonly RunRef[] => {
  if (act.do === 'join') return [...act.a, ...act.b];
  return act.do === 'bind' ? act.runs : [];
};

/**
 * The pieces whose copies are worked one by one, because an act names one of them; copies of all others are worked alike.
 *
 * @example apartIn([{ do: 'join', a: [{ piece: 2, run: 'side', copy: 1 }], … }]) // Set { 2 }
 */
export function apartIn(acts: readonly Act[]): ReadonlySet<number> {
  const apart = new Set<number>();
  for (const act of acts) {
    const refs = refsOf(act);
    for (const ref of refs) if (ref.copy !== undefined) apart.add(ref.piece);
  }
  return apart;
}
