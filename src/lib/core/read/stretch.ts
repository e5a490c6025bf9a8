import type { Operation } from '../plan';
import type { Cue } from './cues';
import type { Executed } from '../knit';
import type { JoinedFacts, KnitFacts } from './facts';
import type { Step } from './steps';

/** What the words are made from. */
type Run = Pick<Executed, 'plan' | 'fabric' | 'yarns'>;

/** Rows of one section that shaping cuts into short runs, told as one thing: what is done after which row. */
export interface Stretch {
  /** The rows of the whole stretch. */
  readonly facts: KnitFacts;
  readonly piece: number;
  readonly yarnId: string | null;
  /** Rows of the work, both included. */
  readonly rows: { readonly from: number; readonly to: number };
  /** A yarn that is joined before the first row. */
  readonly joined: JoinedFacts | null;
  /** What is done by hand, after which row of the piece. */
  readonly lines: readonly { readonly afterRow: number; readonly steps: readonly Step[] }[];
  /** One step of each way of shaping that was not told before, whose words say how. */
  readonly how: readonly Step[];
  readonly cues: readonly Cue[];
  /** All steps that are told here, in order. */
  readonly steps: readonly Step[];
}

/** A step as it is, or many told together. `again`: how a yarn is joined was told before. */
export type Entry = ({ readonly step: Step } | { readonly stretch: Stretch }) & { readonly again: boolean };

const SHAPES: ReadonlySet<Operation['op']> = new Set(['decrease', 'increase', 'hold', 'newEnd', 'float']);

/** The operation a step carries out; none for setting up and finishing. */
const opOf = (run: Run, step: Step): Operation | undefined =>
  run.plan.pieces[step.piece ?? -1]?.operations[step.operation ?? -1];

/** What makes two ways of shaping one: their words differ by pins only. */
const wayOf = (op: Operation): string =>
  [op.op, 'side' in op ? op.side : '', 'method' in op ? op.method : ''].join(' ');

/** The rows a step is about. */
function knitFacts(step: Step): KnitFacts {
  if (step.what.say !== 'knit') throw new TypeError('a stretch begins with rows');
  return step.what.facts;
}

/** @param known ways of shaping whose words were given already; those given here are added */
function told(run: Run, steps: readonly Step[], known: Set<string>): Stretch {
  const knits = steps.filter((step) => step.rows);
  const [first] = knits;
  const { from } = first!.workRows ?? first!.rows!;
  const { to } = knits.at(-1)!.workRows ?? knits.at(-1)!.rows!;
  const lines: { afterRow: number; steps: Step[] }[] = [];
  const how: Step[] = [];
  let afterRow = from - 1;
  for (const step of steps) {
    if (step.rows) {
      afterRow = (step.workRows ?? step.rows).to;
      continue;
    }
    const same = lines.at(-1)?.afterRow === afterRow ? lines.at(-1)! : { afterRow, steps: [] };
    if (same !== lines.at(-1)) lines.push(same);
    same.steps.push(step);
    const op = opOf(run, step)!;
    if (known.has(wayOf(op))) continue;
    known.add(wayOf(op));
    how.push(step);
  }
  const piece = first!.piece!;
  const each = knits.map((step) => knitFacts(step).hangsMm);
  const hung = each.includes(null) ? null : each.reduce<number>((sum, mm) => sum + mm!, 0);
  return {
    facts: { ...knitFacts(first!), rows: to - from + 1, from, to, hangsMm: hung },
    piece,
    yarnId: first!.yarnId,
    rows: { from, to },
    joined: first!.joined,
    lines,
    how,
    cues: steps.flatMap((step) => step.cues),
    steps
  };
}

/**
 * Tells steps for reading ahead: rows that shaping cuts short are gathered with that shaping, everything else stays a
 * step of its own. At the crank each is still asked for in its turn.
 *
 * @param steps of the plan, in order
 * @returns every step exactly once, in order
 * @example entriesOf(result, result.steps).length // 41, where there were 117 steps
 */
export function entriesOf(run: Run, steps: readonly Step[]): Entry[] {
  const shapes = (step: Step | undefined, piece: number | null): boolean =>
    step?.piece === piece && SHAPES.has(opOf(run, step)?.op ?? 'knit');
  const entries: Entry[] = [];
  const known = new Set<string>();
  for (let i = 0; i < steps.length;) {
    const step = steps[i]!;
    let end = i + 1;
    if (step.rows && step.section) {
      const goesOn = (next: Step | undefined): boolean =>
        shapes(next, step.piece) ||
        (next?.piece === step.piece && next?.rows != null && next.section?.to === step.section!.to);
      while (goesOn(steps[end])) end++;
    }
    const many = steps.slice(i, end);
    // Joins differ by their yarn only, and by where one stops for them.
    const join = `join ${run.plan.pieces[step.piece ?? -1]?.mode}`;
    const again = step.joined !== null && known.has(join);
    if (step.joined !== null) known.add(join);
    entries.push(many.length > 2 ? { stretch: told(run, many, known), again } : { step, again });
    i = many.length > 2 ? end : i + 1;
  }
  return entries;
}
