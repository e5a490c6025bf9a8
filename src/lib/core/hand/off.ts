import { type Executed, lengthOfRows, pieceAt, PURPOSES } from '../knit';
import { apartIn, CAST_ON_TAIL_MM, JOIN_TAIL_MM, type Knit, type Operation, type Piece, type Side } from '../plan';
import { LAYERS_OFF } from './layers';
import type { Hold, Part, Run, State, Tail, TailAt } from './state';
import { addRun, stitchMm } from './rims';
import { addTail } from './tails';

/** Whether a piece came off the machine whole. */
export function isOff(run: Executed, piece: number): boolean {
  const fabric = run.fabric.pieces[piece];
  if (!fabric || fabric.rows === 0) return false;
  const last = pieceAt(run, piece).planned.operations.at(-1);
  return last?.op === 'hangOff' && !run.refusals.some((f) => f.place.piece === piece);
}

/** Whether two edges of a piece are sewn to something: then it is cloth, however narrow. */
const isSeamed = (run: Executed, p: number): boolean =>
  run.plan.acts.some((act) => act.do === 'join' && [...act.a, ...act.b].some((ref) => ref.piece === p && ref.run === 'side')); // prettier-ignore

/** A cord of a few pins, gathered onto its own tail: it rolls up, and its outline is no rim of anything. */
const isCord = (run: Executed, p: number, piece: Piece): boolean =>
  piece.mode === 'tube-as-panel' &&
  piece.operations.some((op) => op.op === 'hangOff' && op.style === 'drawstring') &&
  !isSeamed(run, p);

/** Waste next to one end of the work: rows, and whether the row beside the work is of a third colour. */
function wasteAt(run: Executed, piece: number, edge: 'cast-on' | 'hung-off'): { rows: number; separator: boolean } {
  const { fabric } = pieceAt(run, piece);
  const { purpose, rows } = fabric;
  const { first, last } = fabric.work;
  const separator = PURPOSES.indexOf('separator');
  return edge === 'cast-on'
    ? { rows: first, separator: first > 0 && purpose[first - 1] === separator }
    : { rows: rows - 1 - last, separator: last + 1 < rows && purpose[last + 1] === separator };
}

/** What holds the loops of the first row. */
function startHold(run: Executed, piece: number): Hold {
  const cast = pieceAt(run, piece).planned.operations.find((op) => op.op === 'castOn');
  if (wasteAt(run, piece, 'cast-on').rows > 0) return 'open';
  if (cast?.op !== 'castOn') return 'open';
  const holds: Readonly<Record<typeof cast.style, Hold>> = { weave: 'woven', 'e-wrap': 'wrapped', rag: 'open' };
  return holds[cast.style];
}

/** What holds the loops of the last row. */
function endHold(op: Operation & { op: 'hangOff' }, cord: boolean): Hold {
  const holds: Readonly<Record<typeof op.style, Hold>> = {
    drawstring: cord ? 'drawn' : 'thread',
    thread: 'thread',
    waste: 'open',
    chain: 'bound'
  };
  return holds[op.style];
}

/** Lays runs of one part out. */
class Layer {
  constructor(
    private readonly run: Executed,
    private readonly s: State,
    private readonly part: number,
    private readonly piece: number
  ) {}

  add(
    run: Run['run'],
    lo: number,
    hi: number,
    more: Partial<Pick<Run, 'unit' | 'side' | 'row' | 'up' | 'hold' | 'waste' | 'separator'>> = {}
  ): number {
    const unit = more.unit ?? 'stitches';
    const mm =
      unit === 'rows' ? lengthOfRows(this.run, this.piece, lo, hi) : (hi - lo + 1) * stitchMm(this.run, this.piece);
    const made: Run = {
      id: this.s.runs.length,
      part: this.part,
      run,
      side: more.side ?? null,
      lo,
      hi,
      unit,
      mm,
      row: more.row ?? null,
      up: more.up ?? true,
      hold: more.hold ?? 'edge',
      waste: more.waste ?? 0,
      separator: more.separator ?? false,
      cut: false
    };
    return addRun(this.s, made);
  }

  end(edge: 'cast-on' | 'hung-off', lo: number, hi: number, hold: Hold, up: boolean): number {
    const waste = wasteAt(this.run, this.piece, edge);
    return this.add(edge, lo, hi, { hold, up, waste: waste.rows, separator: waste.separator });
  }

  /** One side of a panel from its first work row up: stretches of edge, and stitches that were held between them. */
  side(side: Side): number[] {
    const { fabric: knitted, planned } = pieceAt(this.run, this.piece);
    const { operations } = planned;
    const span = knitted.work;
    const ids: number[] = [];
    let done = 0;
    const edgeTo = (row: number): void => {
      if (row > done) ids.push(this.add('side', done + 1, row, { side, unit: 'rows', up: side === 'high' }));
      done = Math.max(done, row);
    };
    for (const t of knitted.trace) {
      const op = operations[t.operation]!;
      if (op.op !== 'hold' || op.side !== side) continue;
      const row = t.rowsBefore - span.first;
      edgeTo(row);
      // Pins that left the needles: counted from what still hung there before.
      const from = side === 'low' ? t.low - op.stitches : t.high + 1;
      ids.push(this.add('held', from, from + op.stitches - 1, { side, row, hold: 'thread', up: side === 'low' }));
    }
    edgeTo(span.count);
    return side === 'high' ? ids : ids.reverse();
  }
}

/** The half of a piece that a tail hangs on. */
const halfOf = (at: Exclude<TailAt, { at: 'seam' }>, rows: number): 'first' | 'last' =>
  at.at === 'cast-on' || (at.at === 'row' && at.row <= Math.floor(rows / 2)) ? 'first' : 'last';

/** Tails of joins nobody planned: a new ball came in at the crank, in one copy alone. */
function tailsOfBalls(run: Executed, s: State, part: number, piece: number): void {
  const { fabric, planned } = pieceAt(run, piece);
  const { faults, yarn } = fabric;
  const fate: Tail['fate'] = planned.tiedAtMachine ? 'tied' : 'loose';
  const { first, count } = fabric.work;
  const { copy } = s.parts[part]!;
  for (const fault of faults) {
    const row = fault.row - first;
    if (fault.kind !== 'new-ball' || row < 1 || row >= count || (copy !== null && fault.copy !== copy)) continue;
    for (let end = 0; end < 2; end++)
      addTail(s, {
        part,
        yarn: run.fabric.yarns[yarn[fault.row]!]!,
        mm: JOIN_TAIL_MM,
        from: 'join',
        where: { at: 'row', row },
        half: halfOf({ at: 'row', row }, count),
        face: 'purl',
        fate,
        times: 1
      });
  }
}

/** The tails a piece comes off the machine with. */
function tailsOf(run: Executed, s: State, part: number, piece: number): void {
  const { operations, tiedAtMachine } = pieceAt(run, piece).planned;
  const joined: Tail['fate'] = tiedAtMachine ? 'tied' : 'loose';
  const { times } = s.parts[part]!;
  const knitted = pieceAt(run, piece).fabric;
  const { first, last } = knitted.work;
  // The first tail hangs at the first loop, the last one at the last.
  const [low, high] = [knitted.low[first]!, knitted.high[last]!];
  const add = (
    yarn: string,
    mm: number,
    from: Tail['from'],
    where: Exclude<TailAt, { at: 'seam' }>,
    fate: Tail['fate'] = 'loose',
    hangs: number | null = null
  ): void => {
    const half = halfOf(where, knitted.work.count);
    const pin = where.at === 'cast-on' ? low : where.at === 'hung-off' ? high : hangs;
    addTail(s, { part, yarn, mm, from, where, half, face: 'purl', fate, times }, pin);
  };
  /** Rows of the work that were knitted last. */
  let work: Knit | null = null;
  let before: { yarn: string; work: boolean } | null = null;
  for (const [i, op] of operations.entries()) {
    if (op.op === 'castOn') {
      const isWork = operations.slice(i).find((o) => o.op === 'knit')?.purpose === 'work';
      // The waste's own tail goes with the waste.
      if (isWork) add(op.yarn, op.tailMm, 'cast-on', { at: 'cast-on' }, op.style === 'weave' ? 'string' : 'loose');
      before = { yarn: op.yarn, work: isWork };
    } else if (op.op === 'knit') {
      const isWork = op.purpose === 'work';
      const row = knitted.trace[i]!.rowsBefore - first;
      const atFirst = op.firstTailMm ?? op.joinTailMm;
      const atLast = work?.lastTailMm ?? op.joinTailMm;
      if (before && before.yarn !== op.yarn) {
        if (before.work && isWork) {
          const where = { at: 'row', row } as const;
          add(before.yarn, op.joinTailMm, 'join', where, joined);
          add(op.yarn, op.joinTailMm, 'join', where, joined);
        } else if (isWork) add(op.yarn, atFirst, 'first', { at: 'cast-on' });
        else if (before.work) add(before.yarn, atLast, 'last', { at: 'hung-off' });
      } else if (before && before.work !== isWork) {
        // Waste in the work's own yarn is cut all the same, else it could not come off.
        if (isWork) add(op.yarn, atFirst, 'first', { at: 'cast-on' });
        else add(op.yarn, atLast, 'last', { at: 'hung-off' });
      }
      if (isWork) work = op;
      before = { yarn: op.yarn, work: isWork };
    } else if (op.op === 'newEnd') {
      const row = knitted.trace[i]!.rowsBefore - first;
      // The old end hangs where the yarn stood, the new one where it begins.
      const { carriage } = knitted.trace[i - 1]!;
      const begins = op.side === 'low' ? knitted.trace[i]!.low : knitted.trace[i]!.high;
      add(before?.yarn ?? op.yarn, op.oldTailMm ?? op.tailMm, 'old-end', { at: 'row', row }, 'loose', carriage);
      add(op.yarn, op.newTailMm ?? op.tailMm, 'new-end', { at: 'row', row }, 'loose', begins);
    } else if (op.op === 'hangOff' && before?.work) {
      const at = { at: 'hung-off' } as const;
      if (op.style === 'drawstring' || op.style === 'chain') {
        const own = op.thread === before.yarn;
        const fate = op.style === 'drawstring' && s.parts[part]!.body !== 'cord' ? 'string' : 'loose';
        const cutMm = work?.lastTailMm ?? JOIN_TAIL_MM;
        if (own) add(before.yarn, op.threadMm, 'off', at, fate);
        else add(before.yarn, cutMm, 'last', at);
        if (op.thread && !own) for (let end = 0; end < 2; end++) add(op.thread, op.threadMm, 'string', at, fate);
      } else add(before.yarn, work?.lastTailMm ?? (op.style === 'thread' ? CAST_ON_TAIL_MM : JOIN_TAIL_MM), 'last', at);
    }
  }
}

/** Lays one part on the table. */
function layPart(run: Executed, s: State, piece: number, copy: number | null, times: number): void {
  const { planned, fabric: knitted } = pieceAt(run, piece);
  const index = s.parts.length;
  const body: Part['body'] = planned.mode === 'tube' ? 'tube' : isCord(run, piece, planned) ? 'cord' : 'panel';
  const layer = new Layer(run, s, index, piece);
  const span = knitted.work;
  const off = planned.operations.at(-1) as Operation & { op: 'hangOff' };
  const hung = knitted.trace.at(-2);
  const rehung = planned.operations.some((op) => op.op === 'rehang');
  const part: Part = {
    id: index,
    runs: [],
    tails: [],
    piece,
    copy,
    times,
    body,
    form: 'tube',
    layers: LAYERS_OFF,
    surface: s.surfaces.length,
    lifted: null,
    ran: [],
    filled: false,
    floats: knitted.floats.after.length > 0,
    pouch: [],
    linked: false,
    twisted: false,
    brim: false,
    channel: rehung ? 'empty' : 'none',
    adorned: {}
  };
  s.parts.push(part);
  s.ofPiece[piece]!.push(index);
  const [low, high] = [knitted.low[span.first]!, knitted.high[span.first]!];
  const [lastLow, lastHigh] = [hung?.low ?? low, hung?.high ?? high];
  const start = layer.end('cast-on', low, high, rehung ? 'rehung' : startHold(run, piece), true);
  const end = layer.end('hung-off', lastLow, lastHigh, endHold(off, body === 'cord'), false);
  if (body === 'tube') {
    const rim = rehung ? layer.add('fold', low, high, { hold: 'fold' }) : start;
    if (rehung) part.lifted = start;
    s.surfaces.push({ chi: 0, rims: [[rim], [end]], gone: false });
  } else {
    s.surfaces.push({ chi: 1, rims: [[start, ...layer.side('high'), end, ...layer.side('low')]], gone: false });
  }
  tailsOf(run, s, index, piece);
  tailsOfBalls(run, s, index, piece);
}

/**
 * A fabric becomes a state: every piece that came off the machine lies on the table, its rims, tails and waste as the
 * operations left them. Copies are one part unless an act names one of them.
 *
 * @example off(run).parts.map((part) => part.body) // ['tube']
 */
export function off(run: Executed): State {
  const s: State = {
    parts: [],
    ofPiece: run.plan.pieces.map(() => []),
    runs: [],
    surfaces: [],
    tails: [],
    seams: [],
    cuts: [],
    cords: []
  };
  const named = apartIn(run.plan.acts);
  run.plan.pieces.forEach((piece, p) => {
    if (!isOff(run, p)) return;
    if (!named.has(p)) layPart(run, s, p, null, piece.copies);
    else for (let copy = 1; copy <= piece.copies; copy++) layPart(run, s, p, copy, 1);
  });
  return s;
}
