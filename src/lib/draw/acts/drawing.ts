import type { FactsOf, Made, Part, State } from '$lib/core/hand';
import type { Act, ActOf } from '$lib/core/plan';
import type { Sketch } from '$lib/core/read';
import type { Speech } from '$lib/words';

/** What a drawing of an act is made from: the plan as it was made, and what lay on the table before the act and after. */
export interface Desk {
  readonly made: Made;
  readonly before: State;
  /** Made when it is asked for: most drawings show what lies there before. */
  readonly after: () => State;
  readonly say: Speech;
}

/** One act drawn. The caption comes from the words. */
export type DrawAct<D extends Act['do']> = (act: ActOf<D>, facts: FactsOf[D], d: Desk) => Omit<Sketch, 'label'>;

/** The part of a piece in a state, the first of its copies. */
export const partOf = (s: State, piece: number): { readonly part: Part; readonly id: number } => {
  const id = s.ofPiece[piece]?.[0] ?? -1;
  return { part: s.parts[id]!, id };
};

/** Index of a yarn in the fabric; null where there is none. */
export const yarnAt = (d: Desk, id: string | null): number | null =>
  id === null ? null : d.made.fabric.yarns.indexOf(id);
