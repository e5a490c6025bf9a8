import type { Brief, PatchWish, PompomWish } from './brief';
import type { PieceColours } from './colours';
import type { Remedy } from './remedy';

/** How much a finding matters: it cannot work, it will disappoint, or it is good to know. */
export type Weight = 'stop' | 'warn' | 'note';

/** A change to the brief that a button applies and undo takes back. */
export interface Fix {
  readonly remedy: Remedy;
  readonly change: {
    readonly machineId?: string;
    readonly strands?: Readonly<Record<string, number>>;
    /** Changes the pompoms, or takes them off. */
    readonly pompom?: PompomWish | null;
    readonly patches?: PatchWish[];
    readonly colours?: PieceColours[];
    readonly ownPlaces?: Record<string, string>;
    readonly ownRows?: Brief['ownRows'];
    readonly options?: Readonly<Record<string, unknown>>;
  };
}

/** Where a finding sits. Rows and pins count from 1. */
export interface Place {
  /** Key of the option in the brief it is shown beside. */
  readonly option?: string;
  readonly piece?: number;
  readonly row?: number;
  readonly pin?: number;
  /** Number of an act of the hands. */
  readonly act?: number;
}

/** A judgement about a plan: what it is about, with the facts that words are made of. */
export interface Finding {
  readonly code: string;
  readonly weight: Weight;
  readonly place: Place;
  readonly about: About;
  /** What might mend it, the likeliest first; none of them was tried. */
  readonly remedies?: readonly Fix[];
  /** The first remedy that was tried and does mend it (see remedy.ts of the core). */
  readonly fix?: Fix;
}

/** Facts of a judgement, of a refusal or of something left undone, by who speaks: the room of words knows their shape. */
interface About {
  readonly by: 'judge' | 'machine' | 'hand' | 'left';
  readonly facts: { readonly code: string };
}

/**
 * Makes the findings of one judge: every code takes the facts of its own.
 *
 * @example const find = finder<{ 'waste-few': { rows: number } }>();
 * find('waste-few', 'warn', { piece: 0 }, { rows: 1 }, { remedy: { code: 'wasteRows', rows: 5 }, change: … })
 */
export const finder =
  <F>() =>
  <C extends keyof F & string>(
    code: C,
    weight: Weight,
    place: Place,
    facts: F[C],
    ...remedies: readonly (Fix | undefined)[]
  ): Finding => {
    const some = remedies.filter((fix) => fix !== undefined);
    const about: About = { by: 'judge', facts: { ...facts, code } };
    return some.length ? { code, weight, place, about, remedies: some } : { code, weight, place, about };
  };
