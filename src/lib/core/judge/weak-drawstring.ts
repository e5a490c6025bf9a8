import { yarnName } from '../kit';
import type { Finding } from '../plan';
import type { Judge } from './readings';

/** A soft single-ply yarn snaps when it is drawn (craft 3). */
export const weakDrawstring: Judge = {
  code: 'weak-drawstring',
  watches: 'a weak yarn used single as a drawstring',
  find: (r) => {
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
      const cast = r.plan.pieces[act.piece]!.operations[0];
      const threaded = r.plan.acts.some((t) => t.do === 'thread' && t.piece === act.piece && t.edge === 'cast-on');
      if (cast?.op === 'castOn' && !threaded) threads.push({ yarn: cast.yarn, doubled: false });
    }
    const weak = threads.find(
      (t) => !t.doubled && r.yarns[r.fabric.yarns.indexOf(t.yarn)]?.behaviour.strength === 'weak'
    );
    if (!weak) return [];
    const strong = r.kit.yarns.find((y) => y.behaviour.strength === 'strong');
    const fix: Finding['fix'] = !('thread' in r.brief.options)
      ? undefined
      : strong
        ? { label: `Draw with ${yarnName(strong)}`, change: { options: { thread: strong.id } } }
        : { label: 'Draw with the thread doubled', change: { options: { doubled: true } } };
    const name = yarnName(r.yarns[r.fabric.yarns.indexOf(weak.yarn)]!);
    return [
      {
        code: 'weak-drawstring',
        weight: 'warn',
        place: 'thread' in r.brief.options ? { option: 'thread', piece: 0 } : { piece: 0 },
        sentence: `${name} is soft: strong once knitted, it snaps as a drawstring.`,
        ...(fix ? { fix } : {})
      }
    ];
  }
};
