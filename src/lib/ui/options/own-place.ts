import type { Brief, Change } from '$lib/core/plan';
import type { Readings } from '$lib/core/tomble';
import type { Speech } from '$lib/words';

/** Where a step in the knitter's own words comes. */
export type OwnPlace =
  | { readonly at: 'end' }
  | { readonly at: 'act'; readonly id: string }
  | { readonly at: 'row'; readonly piece: number; readonly row: number }
  /** The plan does not have the place it was given. */
  | { readonly at: 'gone' };

/** Places that a plan offers: the acts of the hands by name, and the rows of its pieces. */
export interface OwnPlaces {
  readonly acts: readonly { readonly id: string; readonly title: string }[];
  readonly pieces: readonly { readonly label: string; readonly rows: number }[];
}

type Kept = Pick<Brief, 'ownSteps' | 'ownPlaces' | 'ownRows' | 'ownWaits'>;

/** The places of a plan. @example ownPlacesOf(result, speak(result)).pieces // [{ label: 'Tube', rows: 110 }] */
export function ownPlacesOf(result: Readings, say: Speech): OwnPlaces {
  const acts = result.steps.flatMap((step) =>
    step.what.say === 'act' && step.what.did.do !== 'own' ? [{ id: step.id, title: say.step(step).title }] : []
  );
  return {
    acts,
    pieces: result.plan.pieces.map(({ label }, p) => ({ label, rows: result.fabric.pieces[p]!.work.count }))
  };
}

/** Where a step comes in a plan. */
export function ownPlaceOf({ ownPlaces, ownRows }: Kept, { acts, pieces }: OwnPlaces, text: string): OwnPlace {
  const tied = ownRows?.[text];
  if (tied) {
    const piece = pieces[tied.piece];
    const there = piece?.label === tied.of && tied.row <= piece.rows;
    return there ? { at: 'row', piece: tied.piece, row: tied.row } : { at: 'gone' };
  }
  const id = ownPlaces[text];
  if (id === undefined) return { at: 'end' };
  return acts.some((act) => act.id === id) ? { at: 'act', id } : { at: 'gone' };
}

const without = <T>(of: Readonly<Record<string, T>>, text: string, steps: readonly string[]): Record<string, T> =>
  Object.fromEntries(Object.entries(of).filter(([key]) => key !== text && steps.includes(key)));

/** The edit that puts a step somewhere, a new one too; places of steps that are gone are let go. */
export function placed(kept: Kept, { pieces }: OwnPlaces, text: string, place: OwnPlace): Change {
  const ownSteps = kept.ownSteps.includes(text) ? kept.ownSteps : [...kept.ownSteps, text];
  const acts = without(kept.ownPlaces, text, ownSteps);
  const rows = without(kept.ownRows ?? {}, text, ownSteps);
  return {
    ownSteps: [...ownSteps],
    ownPlaces: place.at === 'act' ? { ...acts, [text]: place.id } : acts,
    ownRows:
      place.at === 'row'
        ? { ...rows, [text]: { piece: place.piece, of: pieces[place.piece]!.label, row: place.row } }
        : rows
  };
}

/** The edit that sets how long a step waits by itself; 0 for not at all. */
export function waiting(kept: Kept, text: string, hours: number): Change {
  const rest = without(kept.ownWaits ?? {}, text, [...kept.ownSteps, text]);
  return { ownWaits: hours > 0 ? { ...rest, [text]: hours } : rest };
}

/** The edit that takes a step out with all that hangs on it. */
export function takenOut(kept: Kept, text: string): Change {
  const ownSteps = kept.ownSteps.filter((step) => step !== text);
  return {
    ownSteps,
    ownPlaces: without(kept.ownPlaces, text, ownSteps),
    ownRows: without(kept.ownRows ?? {}, text, ownSteps),
    ownWaits: without(kept.ownWaits ?? {}, text, ownSteps)
  };
}
