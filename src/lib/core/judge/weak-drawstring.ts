import { yarnName } from '../kit';
import type { Finding } from '../plan';
import type { Judge } from './readings';

/** A soft single-ply yarn snaps when it is drawn (handbook section 3). */
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
      const cast = piece.operations[0];
      const rethreaded = r.plan.finishing.some((f) => f.do === 'threadEdge' && f.edge === 'cast-on');
      const drawn = r.plan.finishing.some((f) => f.do === 'drawShut' && f.edge === 'cast-on');
      if (cast?.op === 'castOn' && drawn && !rethreaded) threads.push({ yarn: cast.yarn, doubled: false });
    }
    for (const f of r.plan.finishing) if (f.do === 'threadEdge') threads.push({ yarn: f.yarn, doubled: f.doubled });
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
