import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planOf } from '../../../../tests/support/said';
import { made, sampleKit } from '../../../../tests/support/sample';
import { type ActOf, castOn, chainOff, knitRows, type Operation, type Piece, type RunRef, wasteHangOff, wasteRows } from '../plan'; // prettier-ignore
import { execute } from '../knit';
import { work } from './work';

/**
 * An oracle of another build for panels and the seams between them: the outline of a panel as a ring of single loops and
 * single rows, seams as rings cut open and laid end to end, tails as a count. It knows no runs, no spans, no characteristic.
 * Acts come at random, sense or nonsense. Rules from the words of the craft (craft 3 and 8), common practice, no source.
 */
interface Bit {
  readonly piece: number;
  readonly run: 'cast-on' | 'hung-off' | 'side';
  readonly side: 'low' | 'high' | null;
  readonly pos: number;
  hold: string;
  waste: boolean;
}
type Edge = 'cast-on' | 'hung-off';
type Tried = ActOf<'join' | 'bind' | 'sewOn' | 'wasteOff' | 'weave' | 'tie' | 'block' | 'draw' | 'gather' | 'fold' | 'fill'>; // prettier-ignore

/** Pins and rows of the panels of the test, with how they begin and end. */
const SHAPES = [
  { from: 10, to: 15, rows: 8, hold: ['open', 'open'] },
  { from: 12, to: 16, rows: 8, hold: ['open', 'thread'] },
  { from: 20, to: 25, rows: 6, hold: ['wrapped', 'bound'] }
] as const;

function pieceOf({ from, to, rows, hold }: (typeof SHAPES)[number]): Piece {
  const off: Operation =
    hold[1] === 'open'
      ? wasteHangOff()
      : hold[1] === 'thread'
        ? { op: 'hangOff', style: 'thread', thread: 'blue', threadMm: 300, doubled: false }
        : chainOff('red', 100);
  const operations: Operation[] = [
    castOn(hold[0] === 'open' ? 'blue' : 'red', 'e-wrap'),
    ...(hold[0] === 'open' ? [wasteRows('blue', 4)] : []),
    knitRows('Panel', 'red', rows),
    ...(hold[1] === 'open' ? [wasteRows('blue', 4)] : []),
    off
  ];
  return { label: 'Panel', machineId: 'm', copies: 1, mode: 'panel', from, to, hole: 2, operations };
}

class Panels {
  rings: Bit[][];
  readonly bits: Bit[];
  /** Loose tails of each panel. */
  readonly loose: number[];
  /** Ends of the work's own yarn, which can be tied through a first loop. */
  readonly own: { piece: number; edge: Edge; loose: boolean }[];

  constructor() {
    this.rings = SHAPES.map(({ from, to, rows, hold }, piece) => {
      const pins = Array.from({ length: to - from + 1 }, (_, i) => from + i);
      const up = Array.from({ length: rows }, (_, i) => i + 1);
      const end = (run: Edge, h: string) => (pos: number): Bit => ({ piece, run, side: null, pos, hold: h, waste: h === 'open' }); // prettier-ignore
      const side = (of: 'low' | 'high') => (pos: number): Bit => ({ piece, run: 'side', side: of, pos, hold: 'edge', waste: false }); // prettier-ignore
      return [
        ...pins.map(end('cast-on', hold[0])),
        ...up.map(side('high')),
        ...[...pins].reverse().map(end('hung-off', hold[1])),
        ...[...up].reverse().map(side('low'))
      ];
    });
    this.bits = this.rings.flat();
    // On waste two ends of the work hang loose; the third hangs from its cast-on and from its chain.
    this.loose = [2, 2, 2];
    this.own = [0, 1, 2].flatMap((piece) =>
      (['cast-on', 'hung-off'] as const).filter(() => piece < 2).map((edge) => ({ piece, edge, loose: true }))
    );
  }

  named(ref: RunRef): Bit[] {
    const all = this.bits.filter((b) => b.piece === ref.piece && b.run === ref.run && (ref.side === undefined || b.side === ref.side)); // prettier-ignore
    const span = ref.pins ?? ref.rows;
    return span ? all.filter((b) => b.pos >= span.from && b.pos <= span.to) : all;
  }

  /** The one ring in which these lie side by side. */
  beside(bits: readonly Bit[]): Bit[] | undefined {
    const ring = this.rings.find((r) => r.includes(bits[0]!));
    if (!ring || bits.some((b) => !ring.includes(b))) return undefined;
    const borders = ring.filter((b, i) => bits.includes(b) && !bits.includes(ring[(i + 1) % ring.length]!)).length;
    return borders <= 1 ? ring : undefined;
  }

  /** The ring laid open: from behind some bits round to before them. */
  rest(ring: readonly Bit[], gone: readonly Bit[]): Bit[] {
    const last = ring.findIndex((b, i) => gone.includes(b) && !gone.includes(ring[(i + 1) % ring.length]!));
    return [...ring.slice(last + 1), ...ring.slice(0, last + 1)].filter((b) => !gone.includes(b));
  }

  seam(a: readonly Bit[], b: readonly Bit[], ringA: Bit[], ringB: Bit[]): void {
    const others = this.rings.filter((r) => r !== ringA && r !== ringB);
    if (ringA !== ringB) {
      this.rings = [...others, [...this.rest(ringA, a), ...this.rest(ringB, b)]];
    } else {
      const left = this.rest(ringA, a);
      const [first, last] = [left.findIndex((x) => b.includes(x)), left.findLastIndex((x) => b.includes(x))];
      this.rings = [...others, left.slice(0, first), left.slice(last + 1)];
    }
    this.rings = this.rings.filter((r) => r.length > 0);
    for (const x of [...a, ...b]) x.hold = 'joined';
  }

  does(act: Tried): boolean {
    switch (act.do) {
      case 'join': {
        const [a, b] = [this.named(act.a[0]!), this.named(act.b[0]!)];
        if (a.length === 0 || b.length === 0 || a.some((x) => b.includes(x))) return false;
        const [ringA, ringB] = [this.beside(a), this.beside(b)];
        if (!ringA || !ringB) return false;
        const both = [...a, ...b];
        // An edge that is sewn down is no edge any more.
        if (both.some((x) => x.hold === 'sewn')) return false;
        // Loops go through loops only while they are live, and as many as there are.
        const live = (x: Bit): boolean => x.hold === 'open' || x.hold === 'thread';
        if (act.by === 'graft' && (both.some((x) => x.run !== 'side' && !live(x)) || a.length !== b.length)) return false; // prettier-ignore
        // A needle through the bars of an edge leaves loops on waste unheld.
        if (act.by === 'mattress' && both.some((x) => x.hold === 'open')) return false;
        // Two low edges, or two high ones, would show one panel from behind.
        if (a[0]!.side !== null && a[0]!.side === b[0]!.side) return false;
        if ((a.length === ringA.length) !== (b.length === ringB.length)) return false;
        this.seam(a, b, ringA, ringB);
        this.loose[act.a[0]!.piece]! += 2;
        return true;
      }
      case 'bind': {
        const bits = this.named(act.runs[0]!);
        if (bits.length === 0 || !this.beside(bits)) return false;
        if (act.by === 'chain' && bits.some((x) => x.hold === 'bound')) return false;
        for (const x of bits) x.hold = 'bound';
        this.loose[act.runs[0]!.piece]! += 2;
        return true;
      }
      case 'sewOn': {
        const bits = this.named(act.runs[0]!);
        if (bits.length === 0 || !this.beside(bits)) return false;
        if (bits.some((x) => x.hold === 'sewn' || x.waste)) return false;
        for (const x of bits) x.hold = 'sewn';
        this.loose[act.piece]! += 2;
        return true;
      }
      case 'wasteOff': {
        const bits = this.named({ piece: act.piece, run: act.edge });
        if (!bits.some((x) => x.waste) || bits.some((x) => x.hold === 'open')) return false;
        for (const x of bits) x.waste = false;
        return true;
      }
      case 'weave': {
        const of = act.pieces ?? [0, 1, 2];
        if (of.every((p) => this.loose[p] === 0)) return false;
        for (const p of of) this.loose[p] = 0;
        for (const end of this.own) if (of.includes(end.piece)) end.loose = false;
        return true;
      }
      case 'tie':
        // Through the first loop it is knotted only loosely: it still hangs, to be woven in.
        return this.own.some((end) => end.piece === act.piece && end.edge === act.edge && end.loose);
      case 'block':
        return true;
      case 'draw': {
        // A panel's end goes once round only when its sides are seamed and the end is whole; then a thread shuts it.
        const bits = this.named({ piece: act.piece, run: act.edges[0]! });
        const ring = this.beside(bits);
        if (!ring || ring.length !== bits.length) return false;
        if (bits.some((x) => x.waste || (x.hold !== 'thread' && x.hold !== 'woven'))) return false;
        this.rings = this.rings.filter((r) => r !== ring);
        for (const x of bits) x.hold = 'drawn';
        return true;
      }
      case 'gather':
      case 'fold':
      case 'fill':
        return false;
    }
  }
}

const pieceNo = fc.integer({ min: 0, max: 2 });
const edge = fc.constantFrom<Edge>('cast-on', 'hung-off');

/** A whole edge, or some of it. */
const ref: fc.Arbitrary<RunRef> = pieceNo.chain((piece) => {
  const { from, to, rows } = SHAPES[piece]!;
  const span = (lo: number, hi: number) =>
    fc.tuple(fc.integer({ min: lo, max: hi }), fc.integer({ min: lo, max: hi })).map(([a, b]) => ({ from: Math.min(a, b), to: Math.max(a, b) })); // prettier-ignore
  const side = fc.constantFrom<'low' | 'high'>('low', 'high');
  return fc.oneof(
    edge.map((run): RunRef => ({ piece, run })),
    fc.tuple(edge, span(from, to)).map(([run, pins]): RunRef => ({ piece, run, pins })),
    { weight: 3, arbitrary: side.map((s): RunRef => ({ piece, run: 'side', side: s })) },
    fc.tuple(side, span(1, rows)).map(([s, of]): RunRef => ({ piece, run: 'side', side: s, rows: of }))
  );
});

const anyAct: fc.Arbitrary<Tried> = fc.oneof(
  {
    weight: 5,
    arbitrary: fc
      .tuple(ref, ref, fc.constantFrom<'mattress' | 'hook' | 'needle' | 'graft'>('mattress', 'hook', 'needle', 'graft'))
      .map(([a, b, by]): Tried => ({ do: 'join', name: 'seam', a: [a], b: [b], by, yarn: 'red' }))
  },
  { weight: 3, arbitrary: fc.tuple(ref, fc.constantFrom<'chain' | 'crochet'>('chain', 'crochet')).map(([r, by]): Tried => ({ do: 'bind', name: 'edge', runs: [r], by, yarn: 'red' })) }, // prettier-ignore
  { weight: 2, arbitrary: fc.tuple(pieceNo, edge).map(([piece, e]): Tried => ({ do: 'wasteOff', piece, edge: e, by: 'strand' })) }, // prettier-ignore
  fc.tuple(ref, pieceNo).map(([r, to]): Tried => ({ do: 'sewOn', piece: r.piece, to, place: 'pocket', runs: [r], yarn: 'red' })), // prettier-ignore
  fc.tuple(fc.option(pieceNo), fc.constant('woven' as const)).map(([p, how]): Tried => ({ do: 'weave', how, ...(p !== null && { pieces: [p] }) })), // prettier-ignore
  fc.tuple(pieceNo, edge).map(([piece, e]): Tried => ({ do: 'tie', piece, tails: 'first-loop', edge: e, how: 'knot' })),
  pieceNo.map((piece): Tried => ({ do: 'block', pieces: [piece] })),
  fc.tuple(pieceNo, edge).map(([piece, e]): Tried => ({ do: 'draw', piece, edges: [e], tail: 'knit' })),
  fc.tuple(pieceNo, fc.constantFrom<'flat' | 'inside'>('flat', 'inside')).map(([piece, how]): Tried => ({ do: 'fold', piece, how })), // prettier-ignore
  pieceNo.map((piece): Tried => ({ do: 'fill', piece }))
);

describe('hands on panels against loops and rows, one by one', () => {
  const kit = sampleKit();
  const { brief } = made('panel');
  const run = execute(kit, brief, planOf(...SHAPES.map(pieceOf)));

  it('the panels of the test come off as the oracle lays them', () => {
    expect(run.refusals).toEqual([]);
    const { state } = work(run);
    const mine = new Panels();
    expect(state.surfaces.map((s) => s.rims.flat().reduce((sum, id) => sum + state.runs[id]!.hi - state.runs[id]!.lo + 1, 0))).toEqual(mine.rings.map((r) => r.length)); // prettier-ignore
    expect(SHAPES.map((_, p) => state.tails.filter((t) => state.parts[t.part]!.piece === p).length)).toEqual(mine.loose); // prettier-ignore
  });

  it('refuses the same acts, and leaves every loop, row, rim and tail alike', () => {
    fc.assert(
      fc.property(fc.array(anyAct, { maxLength: 16 }), (acts) => {
        const worked = work({ ...run, plan: { ...run.plan, acts } });
        const mine = new Panels();
        const refused = acts.flatMap((act, i) => (mine.does(act) ? [] : [i]));
        expect(worked.refusals.map(({ act }) => act)).toEqual(refused);
        const { state } = worked;
        for (const bit of mine.bits) {
          const held = state.runs.find(
            (r) => state.parts[r.part]!.piece === bit.piece && r.run === bit.run && r.side === bit.side && !r.cut && r.lo <= bit.pos && r.hi >= bit.pos // prettier-ignore
          )!;
          expect([held.hold, held.waste > 0], JSON.stringify(bit)).toEqual([bit.hold, bit.waste]);
        }
        const rims = state.surfaces.flatMap((s) => (s.gone ? [] : s.rims));
        const size = (rim: readonly number[]): number => rim.reduce((sum, id) => sum + state.runs[id]!.hi - state.runs[id]!.lo + 1, 0); // prettier-ignore
        expect(rims.map(size).sort()).toEqual(mine.rings.map((r) => r.length).sort());
        const loose = SHAPES.map((_, p) => state.tails.filter((t) => t.fate === 'loose' && state.parts[t.part]!.piece === p).length); // prettier-ignore
        expect(loose).toEqual(mine.loose);
      }),
      { numRuns: 600 }
    );
  });
});
