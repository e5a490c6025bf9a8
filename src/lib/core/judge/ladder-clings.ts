import { yarnName } from '../kit';
import type { Finding } from '../plan';
import { mainYarn } from '../read';
import { yarnOption } from './options';
import type { Judge } from './readings';

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
        const smooth = r.kit.yarns.find((y) => y.behaviour.surface === 'smooth' && y.weightClass === yarn.weightClass);
        return [
          {
            code: 'ladder-clings',
            weight: 'warn',
            place: option ? { option } : {},
            sentence: `${yarnName(yarn)} is ${yarn.behaviour.surface}: a stitch dropped on purpose will not run by itself, and every rung must be freed with a pick.`,
            ...(option && smooth
              ? {
                  fix: {
                    label: `Take ${yarnName(smooth)}`,
                    change: { options: Object.fromEntries(held.map((key) => [key, smooth.id])) }
                  }
                }
              : {})
          }
        ];
      })
      .slice(0, 1)
};
