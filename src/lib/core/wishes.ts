import { actIds } from './hand';
import type { Act, Brief, Draft, Piece } from './plan';

/** Sews a patch on once its piece lies stretched and open, before anything closes it or hides its back. */
function patched(acts: readonly Act[], brief: Brief): readonly Act[] {
  return brief.patches.reduce<readonly Act[]>((before, { what, piece, row, pin, yarn, by }) => {
    const lies = (act: Act): boolean => (act.do === 'rest' || act.do === 'block') && act.pieces.includes(piece);
    const at = before.findIndex(lies) + 1;
    return [
      ...before.slice(0, at),
      {
        do: 'fix',
        what,
        piece,
        count: 1,
        yarn,
        row,
        ...(pin === undefined ? {} : { pin }),
        ...(by === 'glued' ? { glued: true as const } : {})
      },
      ...before.slice(at)
    ];
  }, acts);
}

/** Steps that are tied to a row of a piece, where the plan has that row. */
function tiedToRows({ plan, notes }: Draft, brief: Brief): Draft {
  const tied = brief.ownSteps.flatMap((text) => {
    const at = brief.ownRows?.[text];
    return at ? [{ text, ...at }] : [];
  });
  if (tied.length === 0) return { plan, notes };
  const pieces = plan.pieces.map((piece, p): Piece => {
    const last = workRowsOf(piece);
    const own = tied.filter(({ piece: of, of: label, row }) => of === p && label === piece.label && row <= last);
    return own.length > 0 ? { ...piece, own: own.map(({ row, text }) => ({ row, text })) } : piece;
  });
  return { plan: { ...plan, pieces }, notes };
}

/** Rows of the work of a piece, by its operations. */
const workRowsOf = ({ operations }: Piece): number =>
  operations.reduce((rows, op) => rows + (op.op === 'knit' && op.purpose === 'work' ? op.rows : 0), 0);

/**
 * Puts the knitter's own steps where they were placed, or at the end where they have no place. One whose act is not there any
 * more is put nowhere: a judge says so.
 */
function ownStepsIn(acts: readonly Act[], brief: Brief): readonly Act[] {
  const steps = brief.ownSteps.filter((text) => !brief.ownRows?.[text]);
  if (steps.length === 0) return acts;
  const ids = actIds(acts);
  const before = new Map<number, Act[]>();
  for (const text of steps) {
    const place = brief.ownPlaces[text];
    const at = place === undefined ? acts.length : ids.indexOf(place);
    if (at < 0) continue;
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
  return tiedToRows(acts === plan.acts ? { plan, notes } : { plan: { ...plan, acts }, notes }, brief);
}
