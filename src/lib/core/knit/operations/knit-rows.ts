import { sameSection } from '../../plan';
import { CELL, PURPOSES } from '../fabric';
import { empty, type RuleOf, unchanged } from './rule';

/** Rows knitted with one yarn. */
export const knit: RuleOf<'knit'> = {
  refuses: (ring, op) => {
    if (!ring.occupied) return empty('knit');
    if (op.rows < 1) return { no: { code: 'no-rows', rows: op.rows } };
    if (op.hole !== undefined && op.hole > ring.holes) return { no: { code: 'no-hole', hole: op.hole, holes: ring.holes } }; // prettier-ignore
    // The yarn runs through a hole from its end on: another one needs a new end.
    const threaded = ring.threaded?.yarn === op.yarn ? ring.threaded.hole : null;
    const hole = op.hole ?? ring.hole;
    return threaded !== null && threaded !== hole ? { no: { code: 'hole-threaded', hole, threaded } } : undefined;
  },
  does: (ring, op, { rows: out, index, yarn, feed }) => {
    const start = ring.rows;
    const end = start + op.rows;
    const live = ring.high - ring.low + 1;
    const [ofYarn, ofFeed, purpose] = [yarn(op.yarn), feed(op), PURPOSES.indexOf(op.purpose)];
    ring.threaded = { yarn: op.yarn, hole: op.hole ?? ring.hole };
    if (live === ring.width) out.cells.fill(CELL.stitch, start * ring.width, end * ring.width);
    else {
      for (let row = start; row < end; row++) {
        const at = row * ring.width + ring.low - ring.firstPin;
        out.cells.fill(CELL.stitch, at, at + live);
      }
    }
    // Shaping cuts a section into stretches of rows; its count goes on.
    if (ring.mode === 'tube' || !sameSection(ring.section, op)) ring.inSection = 0;
    ring.section = op;
    let at = ring.yarnAt === 'low' ? 0 : 1;
    // One walk: most sections are a few rows, and a call for each array takes longer than they do.
    for (let row = start; row < end; row++) {
      out.yarn[row] = ofYarn;
      // One array with the yarns where all rows are as tight: it holds the same then.
      out.feed[row] = ofFeed;
      out.operation[row] = index;
      out.purpose[row] = purpose;
      out.stitches[row] = live;
      out.low[row] = ring.low;
      out.high[row] = ring.high;
      out.inSection[row] = ++ring.inSection;
      out.counter[row] = ring.counts ? ++ring.counter : -1;
      // A tube ends each row at the marker; a panel ends it at the other edge and turns round.
      if (ring.mode !== 'tube') at = 1 - at;
      out.yarnAt[row] = at;
    }
    ring.yarnAt = at === 0 ? 'low' : 'high';
    if (op.purpose !== 'work' && ring.before === start) ring.before = end;
    ring.rows = end;
  },
  mirror: unchanged,
  minutes: () => 0
};
