import { actIds } from './hand';
import type { Act, Brief, Draft } from './plan';

/** Sews a patch on once its piece lies stretched and open, before anything closes it or hides its back. */
function patched(acts: readonly Act[], brief: Brief): readonly Act[] {
  return brief.patches.reduce<readonly Act[]>((before, { what, piece, row, yarn, by }) => {
    const lies = (act: Act): boolean => (act.do === 'rest' || act.do === 'block') && act.pieces.includes(piece);
    const at = before.findIndex(lies) + 1;
    return [
      ...before.slice(0, at),
      { do: 'fix', what, piece, count: 1, yarn, row, ...(by === 'glued' ? { glued: true as const } : {}) },
      ...before.slice(at)
    ];
  }, acts);
}

/** Puts the knitter's own steps where they were placed; one whose act is not there any more comes at the end. */
function ownStepsIn(acts: readonly Act[], brief: Brief): readonly Act[] {
  if (brief.ownSteps.length === 0) return acts;
  const ids = actIds(acts);
  const before = new Map<number, Act[]>();
  for (const text of brief.ownSteps) {
    const found = ids.indexOf(brief.ownPlaces[text] ?? '');
    const at = found < 0 ? acts.length : found;
    const waitH = brief.ownWaits?.[text];
    before.set(at, [...(before.get(at) ?? []), { do: 'own', text, ...(waitH ? { waitH } : {}) }]);
  }
  return [...acts.flatMap((act, i) => [...(before.get(i) ?? []), act]), ...(before.get(acts.length) ?? [])];
}

/**
 * What a brief adds to any kind: patches, pompoms, and steps in the knitter's own words.
 *
 * @example withWishes(draft, brief).plan.acts.at(-1) // { do: 'own', text: 'Sew in the name label' }
 */
export function withWishes({ plan, notes }: Draft, brief: Brief): Draft {
  const worn: readonly Act[] = brief.pompom
    ? [...plan.acts, { do: 'pompom', ...brief.pompom, on: 'piece' }]
    : plan.acts;
  const acts = ownStepsIn(patched(worn, brief), brief);
  return acts === plan.acts ? { plan, notes } : { plan: { ...plan, acts }, notes };
}
