import type { ActOf } from '../../plan';
import { instancesOf } from '../instances';
import { RUNG_END_MM } from '../lengths';
import type { Refusal } from '../refusal';
import { type Chain, chainOf, countOf, glue, sideOf } from '../rims';
import { addCut, addCutTails } from '../tails';
import { type ActRule, notOff, type Table } from './rule';
import { chainsAgain, chainsOf, pairRefuse, runsIn, type SeamAct } from './seam-edges';

/** One stretch of a chain: over both tubes, or along an opening with one of them. */
interface RungStretch {
  readonly name: string;
  /** Rungs of either tube. */
  readonly rungs: number;
  readonly both: boolean;
  readonly mm: number;
}
export interface ChainRungsFacts {
  readonly stretches: readonly RungStretch[];
  readonly rungs: number;
  readonly mm: number;
  readonly cutMm: number;
}

type RungsAct = ActOf<'chainRungs'>;
type Segment = RungsAct['segments'][number];

const refsOf = ({ a, b }: Segment) => (b ? [a, b] : [a]);

/** A stretch over both tubes, as the seam it makes. */
const seamOf = ({ name, a, b }: Segment): SeamAct => ({
  do: 'join',
  name,
  a: [a],
  b: b ? [b] : [],
  by: 'rungs',
  yarn: null
});

/** The rungs of one tube alone, all of them open; or why there are none. */
function aloneOn(t: Table, { a }: Segment, part: number) {
  const found = chainOf(t.run, t.s, [a], [part]);
  if (!found.ok) return found;
  const closed = runsIn(t, found.value).some((r) => r.hold !== 'rungs');
  return closed ? { ok: false as const, no: { code: 'rungs-closed', piece: a.piece } as const } : found;
}

/** Why a stretch cannot be chained. */
function stretchRefuse(t: Table, of: Segment): Refusal | undefined {
  for (const { parts } of instancesOf(t.s, refsOf(of))) {
    if (!of.b) {
      const alone = aloneOn(t, of, parts[0]!);
      if (!alone.ok) return alone.no;
      continue;
    }
    const chains = chainsOf(seamOf(of), t, parts);
    if (!chains.ok) return chains.no;
    const no = pairRefuse(t, seamOf(of), parts[0]!, chains.value);
    if (no) return no;
  }
  return undefined;
}

const lengthOf = (t: Table, chain: Chain): { rungs: number; mm: number } => {
  const runs = runsIn(t, chain);
  return { rungs: runs.reduce((sum, r) => sum + countOf(r), 0), mm: runs.reduce((sum, r) => sum + r.mm, 0) };
};

/** Chains one stretch of one instance. */
function chained(t: Table, of: Segment, parts: readonly number[], times: number): RungStretch {
  if (!of.b) {
    const alone = aloneOn(t, of, parts[0]!);
    if (!alone.ok) throw new TypeError('a stretch that is not refused has open rungs');
    const size = lengthOf(t, alone.value);
    for (const r of runsIn(t, alone.value)) r.hold = 'bound';
    return { name: of.name, both: false, ...size };
  }
  const [one, two] = chainsAgain(seamOf(of), t, parts);
  const [a, b] = [sideOf(t.s, one), sideOf(t.s, two)];
  const runs = [...runsIn(t, one), ...runsIn(t, two)];
  glue(t.s, one, two);
  for (const r of runs) r.hold = 'joined';
  const mm = (a.mm + b.mm) / 2;
  t.s.seams.push({ name: of.name, by: 'rungs', a, b, mm, times, ridge: null });
  return { name: of.name, both: true, rungs: a.count, mm };
}

/** The rungs of two ladders in one chain from end to end, without stopping at an opening (craft 7.14). */
export const chainRungs: ActRule<RungsAct, ChainRungsFacts> = {
  pieces: (act) => act.segments.flatMap((of) => refsOf(of).map((ref) => ref.piece)),
  name: (act) => act.name,
  mirror: (act, over) => ({
    ...act,
    segments: act.segments.map((of) => ({ ...of, a: over.ref(of.a), ...(of.b ? { b: over.ref(of.b) } : {}) }))
  }),
  tries: (act, t) => {
    const off = notOff(t, ...act.segments.flatMap((of) => refsOf(of).map((ref) => ref.piece)));
    if (off) return off;
    for (const of of act.segments) {
      const no = stretchRefuse(t, of);
      if (no) return no;
    }
    return () => {
      const stretches: RungStretch[] = [];
      for (const of of act.segments)
        for (const { parts, times } of instancesOf(t.s, refsOf(of))) stretches.push(chained(t, of, parts, times));
      const [{ parts, times }] = instancesOf(t.s, refsOf(act.segments[0]!)) as [{ parts: number[]; times: number }];
      // A cut end is pulled through the last loop and woven in.
      addCut(t.s, { yarn: act.yarn, what: 'ladder', mm: RUNG_END_MM, count: times });
      addCutTails(t.s, parts[0]!, act.yarn, act.name);
      const sum = (each: (of: RungStretch) => number): number => stretches.reduce((all, of) => all + each(of), 0);
      return { stretches, rungs: sum((of) => of.rungs), mm: sum((of) => of.mm), cutMm: RUNG_END_MM };
    };
  },
  // A hook through two rungs of either tube every 3 s (own estimate, no source).
  minutes: (f) => 1 + 0.025 * f.rungs,
  times: () => 1
};
