import { cycleMetres } from '../colour';
import { finder, type Finding } from '../plan';
import { beside } from './options';
import type { Judge } from './readings';

/** Facts of phases that are longer than what is knitted of them. */
export interface PhasesLongFacts {
  'phases-long': { yarn: string; cycleM: number; metres: number; colours: number; shown: number };
}
const find = finder<PhasesLongFacts>();

/** Most colours that so many metres of a yarn can show, wherever the ball is begun. */
function mostShown(phases: readonly { readonly metres: number }[], metres: number): number {
  let most = 0;
  for (let first = 0; first < phases.length; first++) {
    // A sliver of the first phase, then whole ones for as long as the yarn lasts.
    let [left, shown] = [metres, 1];
    for (let next = first + 1; left > 0 && shown < phases.length; next++) {
      shown++;
      left -= phases[next % phases.length]!.metres;
    }
    most = Math.max(most, shown);
  }
  return most;
}

/** A yarn whose colours change so slowly that one piece never shows them all. */
export const phasesLong: Judge = {
  code: 'phases-long',
  watches: 'colour phases of a yarn that are longer than the piece',
  find: (r) =>
    r.yarns.flatMap((yarn): Finding[] => {
      if (yarn.phases.length < 2) return [];
      const rows = r.yarnUse.find((use) => use.yarnId === yarn.id)?.parts.find((part) => part.what === 'rows');
      const cycleM = cycleMetres(yarn.phases);
      const metres = rows?.metres ?? 0;
      const shown = mostShown(yarn.phases, metres);
      // It may also lie in one phase alone.
      const inOne = metres < Math.max(...yarn.phases.map((phase) => phase.metres));
      if (metres === 0 || metres >= cycleM || (shown >= yarn.phases.length && !inOne)) return [];
      const facts = { yarn: yarn.id, cycleM, metres, colours: yarn.phases.length, shown };
      return [find('phases-long', 'note', beside(r, 'yarn'), facts)];
    })
};
