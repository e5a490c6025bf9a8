import type { Words } from '../words';

/** Words in drawings: few, short. */
export const draw: Words['draw'] = {
  waste: () => 'waste',
  row: (row, t) => t.row(row),
  pin: (pin, t) => t.pin(pin),
  pairs: (count, four, t) => (four ? t.many(count, 'group of four', 'groups of four') : t.many(count, 'pair', 'pairs')),
  live: (count, t) => t.many(count, 'live loop', 'live loops'),
  tails: (count, t) => t.many(count, 'tail', 'tails'),
  out: { knit: 'knit side out', purl: 'purl side out' },
  onPin: (f, t) =>
    [
      t.sentence(t.pin(f.pin)),
      ...(f.marked ? ['marker'] : []),
      ...(f.risen ? ['risen'] : []),
      f.loops === 0 ? 'empty' : t.many(f.loops, 'loop', 'loops')
    ].join(', '),
  modes: { tube: 'TUBE', panel: 'PANEL' },
  yarnAt: (pin, t) => `The yarn is at ${t.pin(pin)}`,
  gate: { open: 'The gate is open', closed: 'The gate is closed' },
  yarn: {
    guide: 'The yarn comes through the guide',
    aside: 'The yarn is out of the guide, out of the way',
    cut: 'The yarn is cut, its end in the middle'
  },
  turn: {
    up: 'The next turn goes up the numbers',
    down: 'The next turn goes down the numbers',
    round: 'Round and round, up the numbers'
  },
  captions: {
    thread: (_a, f, t) => `One thread through ${t.many(f.stitches, 'loop', 'loops')}, from inside to outside`,
    lead: () => 'In and out of the edge, to where the seam begins',
    draw: (_a, f, t) => `${t.stitches(f.stitches)} drawn to the middle`,
    gather: () => 'Drawn half together',
    bringOut: () => 'Out through the end that is open still',
    join: (a, f, t) =>
      f.halves
        ? `Which ${t.pins} face each other: ${t.many(Math.min(f.a.count, f.b.count), 'pair', 'pairs')}`
        : 'The two edges that meet',
    bind: (_a, f, t) => `${t.stitches(f.stitches)} along the edge, from 1`,
    chainRungs: (a) =>
      a.segments.some((of) => of.b)
        ? 'One chain from cuff to cuff: over both tubes, along the opening one alone'
        : 'The rungs that are open still',
    runDown: (_a, f, t) => `${t.many(f.pins.length, 'column', 'columns')} of rungs`,
    wasteOff: (a, _f, t) => ({ strand: 'Pull this one strand', separator: `Pull this ${t.terms.row}`, cut: 'Cut here', unravel: 'Unravel from here' })[a.by], // prettier-ignore
    fold: (a, f) =>
      ({
        inside: f.enters === 'cast-on' ? 'The cast-on end goes in' : 'The last-knitted end goes in',
        pinch: 'Pinched in the middle, one half pushed into the other',
        flat: 'Two layers on the table',
        'pouch-right': 'Three squares; the right corner goes down',
        'pouch-left': 'The left corner goes up',
        'pouch-over': 'Over the diagonal of the middle square',
        brim: 'The fold goes up',
        twist: 'Two U shapes locked into each other'
      })[a.how],
    turn: (_a, f) => ({ purl: 'Purl side out', knit: 'Knit side out', first: 'The first half is outside', last: 'The last half is outside', back: 'The ridge is inside' })[f.out], // prettier-ignore
    waist: (_a, f, t) => (f.row === null ? 'Each corner along a slanting line' : `The waist at ${t.row(f.row)}`),
    fill: () => 'Through the open end, the far end first',
    block: () => 'Pinned out to its measures',
    latch: (_a, f, t) => `${t.many(f.columns, 'column', 'columns')} out of the floats, from the cast-on up`,
    latchUp: (_a, f, t) => `${t.rows(f.rows)} at ${t.pin(f.pin)}, from the bottom up`,
    cord: (_a, f, t) => t.many(f.chains, 'chain', 'chains'),
    tryOn: (_a, f, t) => t.many(f.clips, 'clip', 'clips'),
    threadCord: () => 'Once round, inside the doubled edge',
    sewOn: () => 'Where it is sewn',
    rest: () => 'Lengthwise twice, across once, then at rest',
    pompom: (_a, f) => (f.bought ? 'Through to the inside' : 'Wound round the card, tied across the middle'),
    fix: () => 'Where it goes',
    hang: (_a, f, t) => `${t.num(f.count)} at even spacing`,
    tie: (a) => ({ joins: 'Two tails, one knot', crowns: 'Both crowns, one on the other', 'first-loop': 'Once through the loop' })[a.tails], // prettier-ignore
    weave: (a) => (a.how === 'inside' ? 'In between, out, and cut close' : 'One way and back, on the wrong side'),
    own: () => ''
  },
  parts: {
    front: 'front',
    back: 'back',
    outer: 'outer',
    inner: 'inner',
    fold: 'fold',
    inside: 'goes inside',
    open: 'open',
    'first-end': 'first end',
    'last-end': 'last end',
    thread: 'thread',
    tail: 'tail',
    opening: 'opening',
    seam: 'seam',
    rungs: 'rungs',
    'corner-down': 'corner down',
    'corner-up': 'corner up',
    over: 'over',
    here: 'here',
    card: 'card',
    cord: 'cord',
    'left-out': 'left out'
  }
};
