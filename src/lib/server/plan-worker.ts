import { kindOf, KINDS } from '$lib/core/kinds';
import { demoKit } from '$lib/demo/kit';
import { planText, type TextAnswer } from './plan-text';

// A thread that has planned nothing yet takes several times as long for its first plans: each kind is planned once before
// anybody asks, with yarns that ship.
const machineId = demoKit.machines[0]!.id;
for (const kind of KINDS)
  planText(JSON.stringify({ kit: demoKit, brief: { kind: kind.code, name: kind.code, machineId, options: kind.start(demoKit, machineId) } })); // prettier-ignore

// And the largest that is planned: what only that one does is slow the first times.
const options = { ...kindOf('blanket')!.start(demoKit, machineId), widthMm: 2000, blocks: 8, joinBy: 'weave' };
for (let i = 0; i < 2; i++) planText(JSON.stringify({ kit: demoKit, brief: { kind: 'blanket', name: 'blanket', machineId, options } })); // prettier-ignore

/** What a thread is asked: the body of a request, and where to say that it is taken up. */
interface Task {
  readonly text: string;
  readonly begun: { readonly postMessage: (word: string) => void };
}

/** What a thread of the server does with one request; it says how long it took, in milliseconds. */
export default function planned({ text, begun }: Task): TextAnswer & { readonly ms: number } {
  begun.postMessage('begun');
  const before = performance.now();
  const answer = planText(text);
  return { ...answer, ms: performance.now() - before };
}
