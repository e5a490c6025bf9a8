import { finder, type Finding } from '../plan';
import type { Judge } from './readings';

/** Facts of a step in the knitter's own words whose place the plan does not have. */
export interface OwnStepGoneFacts {
  'own-step-gone': {
    readonly text: string;
    /** The row of a piece it was tied to; null for a step of the finishing. */
    readonly at: { readonly of: string; readonly row: number } | null;
  };
}
const find = finder<OwnStepGoneFacts>();

const without = <T>(places: Readonly<Record<string, T>>, text: string): Record<string, T> =>
  Object.fromEntries(Object.entries(places).filter(([key]) => key !== text));

/** A step of the knitter's own belongs where it was put, or nowhere until another place is chosen. */
export const ownStepGone: Judge = {
  code: 'own-step-gone',
  watches: "a step in the knitter's own words whose row or act the plan does not have any more",
  find: (r) => {
    const { ownSteps, ownPlaces, ownRows = {} } = r.brief;
    const there = new Set([
      ...r.plan.acts.flatMap((act) => (act.do === 'own' ? [act.text] : [])),
      ...r.plan.pieces.flatMap(({ own }) => (own ?? []).map(({ text }) => text))
    ]);
    return ownSteps
      .filter((text) => !there.has(text))
      .map((text): Finding => {
        const tied = ownRows[text];
        const change = { ownPlaces: without(ownPlaces, text), ownRows: without(ownRows, text) };
        const at = tied ? { of: tied.of, row: tied.row } : null;
        return find('own-step-gone', 'warn', {}, { text, at }, { remedy: { code: 'ownAtEnd' }, change });
      });
  }
};
