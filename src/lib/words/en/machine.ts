import type { Words } from '../words';

/** Why the machine cannot do something. */
export const machine: Words['machine'] = {
  'pins-empty': (f, t) => {
    const needs = {
      rehang: `to hang a ${t.terms.row} back to`,
      drop: 'to drop',
      shape: 'to shape',
      float: 'to lay a float between',
      begin: 'to begin at',
      knit: 'to knit onto; cast on first',
      off: `to ${t.terms.off}`
    };
    return `there is nothing on the ${t.pins} ${needs[f.needs]}`;
  },
  'pins-full': (_f, t) => `the ${t.pins} already carry stitches; hang off first`,
  'pin-out-of-reach': (f, t) => {
    const own = `${t.pins} ${f.from} to ${f.to}`;
    return {
      machine: `${own} are not on this machine, which has ${f.pins}`,
      piece: `${own} are not those of this piece, ${f.first} to ${f.pins}`,
      panel: `${own} cannot be completed in PANEL mode`
    }[f.of];
  },
  'rehang-row': (f, t) => {
    const why = {
      'not-knitted': `only ${t.rows(f.rows)} ${f.rows === 1 ? 'is' : 'are'} knitted`,
      waste: 'it is waste and comes out again',
      'on-pins': `it is on the ${t.pins} already`,
      doubled: 'it hangs doubled already'
    };
    return `${t.row(f.row)} cannot be hung back: ${why[f.why]}`;
  },
  'ladder-pin': (f, t) => (f.twice ? `${t.pin(f.pin)} was dropped already` : `${t.pin(f.pin)} carries no stitch of this piece`), // prettier-ignore
  'tube-shaped': (f, t) => (f.begin ? 'a tube has no edge to begin at' : `a tube has no edge to shape; nothing slides on ${t.pins}`), // prettier-ignore
  'no-stitches': (f, t) => (f.float ? `a float group needs a column, and has ${t.num(f.stitches)}` : `shaping needs at least one stitch, and has ${t.num(f.stitches)}`), // prettier-ignore
  'several-at-once': (_f, t) => `${t.pins} are filled, and stitches decreased, one at a time; several at once are held`,
  'increase-reach': (f, t) => `${t.pin(f.pin)} is beyond the reach of this piece`,
  'too-few': (f, t) => (f.fashioned ? `a full-fashioned decrease needs ${t.stitches(f.asked)}, ${t.num(f.live)} hang there` : `${t.stitches(f.asked)} cannot go, ${t.num(f.live)} hang there`), // prettier-ignore
  'far-edge': (f, t) => {
    const what = { decrease: 'a stitch can be taken away', increase: 'a stitch can be added', hold: 'stitches can be held' }; // prettier-ignore
    return `${what[f.doing]} only where the yarn is, and it stands at ${t.pin(f.yarnPin)}; knit one ${t.terms.row} more, or cut it and begin at this edge`;
  },
  'float-edge': (f, t) => `a float behind ${t.pin(f.pin)} would lie at an edge`,
  'no-hole': (f, t) => `hole ${f.hole} is not in the guide of this machine, which has ${t.num(f.holes)}`,
  'hole-threaded': (f) =>
    `the yarn runs through hole ${f.threaded} and cannot go to hole ${f.hole} without a new end; let the fingers hold it differently, or change the hole where another yarn begins`,
  'no-rows': (f, t) => `a section needs at least one ${t.terms.row}, and has ${t.num(f.rows)}`,
  'no-counter': () => 'there is no counter to set in this mode on this machine',
  'too-many-rows': (f, t) => `${t.rows(f.rows)} are more than Tomble can hold; split the piece`,
  'left-on-pins': (_f, t) => `the piece is never taken off the ${t.pins}`
};
