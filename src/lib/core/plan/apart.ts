import type { Act } from './acts';

/**
 * The pieces whose copies are worked one by one, because an act names one of them; copies of all others are worked alike.
 *
 * @example apartIn([{ do: 'join', a: [{ piece: 2, run: 'side', copy: 1 }], … }]) // Set { 2 }
 */
export function apartIn(acts: readonly Act[]): ReadonlySet<number> {
  const apart = new Set<number>();
  for (const act of acts) {
    const refs = act.do === 'join' ? [...act.a, ...act.b] : act.do === 'bind' ? act.runs : [];
    for (const ref of refs) if (ref.copy !== undefined) apart.add(ref.piece);
  }
  return apart;
}
