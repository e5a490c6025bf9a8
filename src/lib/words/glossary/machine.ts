import { word, type WordEntry } from './entry';

/** The machine and what is done at it (craft 1). */
export const machineWords: readonly WordEntry[] = [
  {
    id: 'pin',
    term: (v) => v.sentence(v.terms.pin),
    forms: (v) => [v.terms.pin, v.pins],
    says: (v) =>
      `One hook of the ring; it holds one stitch. ${v.sentence(v.pins)} are counted from the marker, or by the numbers on the ring.`,
    picture: { of: 'moment', kind: 'waistcoat', code: 'wrapped' },
    seenIn: 'lined-hat'
  },
  {
    id: 'row',
    term: (v) => v.sentence(v.terms.row),
    forms: (v) => [v.terms.row, `${v.terms.row}s`],
    says: (v) =>
      `One pass of the crank: every ${v.terms.pin} in use gets one new stitch. In TUBE mode it is a whole turn, in PANEL mode a turn from one edge to the other.`,
    picture: { of: 'tube', kind: 'free-tube' },
    seenIn: 'free-tube'
  },
  word('ring', 'Ring', ['ring'], (v) => `The wheel of ${v.pins} that turns. How many ${v.pins} it has says how wide a tube comes out: 20 or 22 for a sock or a mug, 40 to 48 for a head.`, { of: 'ring' }), // prettier-ignore
  word('marker', 'Marker', ['marker', 'marker pin', 'marker pins', 'marker needle'], (v) => `One ${v.terms.pin} or a few of another colour. A ${v.terms.row} begins and ends there, and yarns are changed there.`, { of: 'ring' }), // prettier-ignore
  word('bumper', 'Bumper', ['bumper', 'bumpers'], (v) => `The small ledge beside every ${v.terms.pin}. At the edge of a panel the yarn must lie under the one beyond the last ${v.terms.pin}, or the edge comes out loose.`, { of: 'moment', kind: 'waistcoat', code: 'flick' }), // prettier-ignore
  word('gate', 'Gate', ['gate'], 'The little door that keeps the yarn in the guide. It is closed before the crank is turned: cranked open, it breaks.', { of: 'moment', kind: 'lined-hat', code: 'gate' }), // prettier-ignore
  word('guide', 'Yarn guide', ['yarn guide', 'guide'], (v) => `The arm that lays the yarn onto the ${v.pins} as they come past.`, { of: 'moment', kind: 'lined-hat', code: 'slack' }), // prettier-ignore
  word('hole', 'Tension hole', ['tension guide', 'tension hole', 'tension holes', 'smallest hole', 'middle hole', 'largest hole', 'small hole', 'large hole', 'only hole', 'another hole', 'hole 1', 'hole 2', 'hole 3', 'hole 4', 'hole 5'], 'The holes the yarn runs through under the machine. The smallest brakes it most. Thin yarn goes through the small one, thick yarn through the large one.', { of: 'moment', kind: 'lined-hat', code: 'hole' }), // prettier-ignore
  word('fingers', 'Finger tension', ['finger tension', 'fingers'], 'How the yarn runs through the hand: free, between two fingers, or with one finger crossed over. It belongs to the gauge: hold it alike for the whole piece.', { of: 'moment', kind: 'waistcoat', code: 'slack' }), // prettier-ignore
  word('tube-mode', 'TUBE', ['TUBE'], 'The ring turns on and on, and a closed tube grows. The counter counts here.', { of: 'moment', kind: 'lined-hat', code: 'switch' }), // prettier-ignore
  word('panel-mode', 'PANEL', ['PANEL'], 'The ring turns to and fro between two stops, and a flat piece grows. Never force a stop: it breaks the machine. The counter does not count here.', { of: 'moment', kind: 'waistcoat', code: 'switch' }), // prettier-ignore
  word('counter', 'Counter', ['counter'], (v) => `The machine's own figures. They step on at the marker, in TUBE mode only. The plan counts the ${v.terms.row}s of the work and says what the figures should read.`, { of: 'moment', kind: 'lined-hat', code: 'zero' }), // prettier-ignore
  word('turn', 'Crank', ['crank', 'cranked'], (v) => `The handle. A turn is one ${v.terms.row}: evenly, never by force, and slowly where something is just begun.`, { of: 'moment', kind: 'lined-hat', code: 'turning' }), // prettier-ignore
  word('slack', 'Slack', ['slack', 'pull slack'], 'Yarn pulled loose from the ball ahead of the machine, so that it runs without a jerk.', { of: 'moment', kind: 'lined-hat', code: 'slack' }), // prettier-ignore
  word('pick', 'Pick', ['pick'], (v) => `A thin hooked tool that lifts a loop over the head of its ${v.terms.pin}. A crochet hook does as well.`, { of: 'moment', kind: 'waistcoat', code: 'three' }), // prettier-ignore
  word('rise', 'Rise', ['pins rise', 'pin rises', 'needles rise'], (v) => `Turning lifts the ${v.pins} in front of the guide one after the other; half way up their loops can be taken.`, { of: 'moment', kind: 'waistcoat', code: 'halfUp' }) // prettier-ignore
];
