import { pieceAt } from '../knit';
import { finder } from '../plan';
import type { Judge, Readings } from './readings';
import { options } from './remedies';

/** Facts of a thread that snaps. */
export interface WeakDrawstringFacts {
  'weak-drawstring': { yarn: string };
}
const find = finder<WeakDrawstringFacts>();

/** Threads that are drawn, with how they are laid. */
function drawnThreads(r: Readings): { yarn: string; doubled: boolean }[] {
  const threads: { yarn: string; doubled: boolean }[] = [];
  for (const piece of r.plan.pieces) {
    if (piece.mode !== 'tube') continue;
    const last = piece.operations.at(-1);
    if (last?.op === 'hangOff' && last.style === 'drawstring' && last.thread)
      threads.push({ yarn: last.thread, doubled: last.doubled });
  }
  for (const act of r.plan.acts) {
    if (act.do === 'thread') threads.push({ yarn: act.yarn, doubled: act.doubled });
    if (act.do !== 'draw' || !act.edges.includes('cast-on')) continue;
    // A woven cast-on draws up on its own tail, unless a thread was run in.
    const cast = pieceAt(r, act.piece).planned.operations[0];
    const threaded = r.plan.acts.some((t) => t.do === 'thread' && t.piece === act.piece && t.edge === 'cast-on');
    if (cast?.op === 'castOn' && !threaded) threads.push({ yarn: cast.yarn, doubled: false });
  }
  return threads;
}

/** A soft single-ply yarn snaps when it is drawn (craft 3). */
export const weakDrawstring: Judge = {
  code: 'weak-drawstring',
  watches: 'a weak yarn used single as a drawstring',
  find: (r) => {
    const weak = drawnThreads(r).find(
      (t) => !t.doubled && r.yarns[r.fabric.yarns.indexOf(t.yarn)]?.behaviour.strength === 'weak'
    );
    if (!weak) return [];
    const asked = 'thread' in r.brief.options;
    const strong = asked ? r.kit.yarns.filter((y) => y.behaviour.strength === 'strong').slice(0, 3) : [];
    return [
      find(
        'weak-drawstring',
        'warn',
        asked ? { option: 'thread', piece: 0 } : { piece: 0 },
        { yarn: weak.yarn },
        ...strong.map((y) => options({ code: 'thread', yarn: y.id }, { thread: y.id })),
        'doubled' in r.brief.options ? options({ code: 'doubled' }, { doubled: true }) : undefined
      )
    ];
  }
};
