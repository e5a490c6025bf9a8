import { finder, type Finding } from '../plan';
import type { Yarn } from '../kit';
import { mainYarn } from '../read';
import { yarnOption } from './options';
import type { Judge } from './readings';
import { options } from './remedies';

/** Facts of a yarn that clings. */
export interface LadderClingsFacts {
  'ladder-clings': { yarn: string; surface: Yarn['behaviour']['surface'] };
}
const find = finder<LadderClingsFacts>();

/** Clingy wool will not ladder when a stitch must be dropped on purpose (craft 6). */
export const ladderClings: Judge = {
  code: 'ladder-clings',
  watches: 'a ladder in a yarn that clings',
  find: (r) =>
    r.fabric.pieces
      .flatMap((piece, p): Finding[] => {
        const yarn = r.yarns[mainYarn(piece)];
        const runs = piece.ladders.length > 0 || r.plan.acts.some((act) => act.do === 'runDown' && act.piece === p);
        if (!runs || !yarn || yarn.behaviour.surface === 'smooth') return [];
        const option = yarnOption(r, yarn.id);
        const held = ['yarn', 'backYarn'].filter((key) => r.brief.options[key] === yarn.id);
        const smooth = r.kit.yarns.filter(
          (y) => y.behaviour.surface === 'smooth' && y.weightClass === yarn.weightClass
        );
        return [
          find(
            'ladder-clings',
            'warn',
            option ? { option } : {},
            { yarn: yarn.id, surface: yarn.behaviour.surface },
            ...(option ? smooth.slice(0, 3) : []).map((y) =>
              options({ code: 'yarn', yarn: y.id, grams: null }, Object.fromEntries(held.map((key) => [key, y.id])))
            )
          )
        ];
      })
      .slice(0, 1)
};
