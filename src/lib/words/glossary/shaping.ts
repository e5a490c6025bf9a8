import { word, type WordEntry } from './entry';

/** Shaping at the machine (craft 8). */
export const shapingWords: readonly WordEntry[] = [
  word('decrease', 'Decrease', ['decrease', 'decreases', 'decreased'], 'One stitch fewer at an edge: its loop goes onto a neighbour, and its pin is pushed down. Only where the yarn stands.', { of: 'moment', kind: 'pennant', code: 'three' }), // prettier-ignore
  word('increase', 'Increase', ['increase', 'increases', 'increased'], 'One stitch more at an edge: the next pin takes a loop of the row below.', { of: 'moment', kind: 'cardigan', code: 'below' }), // prettier-ignore
  word('full-fashioned', 'Full-fashioned', ['full-fashioned'], 'A decrease two or three stitches in from the edge. The edge stitch runs on unbroken, which looks neat and sews well.', { of: 'moment', kind: 'waistcoat', code: 'three' }), // prettier-ignore
  word('hold', 'Held stitches', ['held stitches', 'was held', 'held at once', 'stitches off at the edge', 'onto a needle with waste yarn'], 'Several stitches taken off at once onto a thread, for an underarm or a neck. They are chained off later.', { of: 'moment', kind: 'waistcoat', code: 'take' }), // prettier-ignore
  word('rehang', 'Rehang', ['rehang', 'rehung', 'lifted back', 'hung double'], 'Stitches of an earlier row are lifted back onto the pins, so that what lies between hangs double: a hem, a brim, a channel.', { of: 'moment', kind: 'sack', code: 'lift' }), // prettier-ignore
  word('underarm', 'Underarm', ['underarm', 'underarms'], 'Where the armhole begins. A thread of another colour in the edge stitch finds it again.', { of: 'finished', kind: 'waistcoat' }), // prettier-ignore
  word('armhole', 'Armhole', ['armhole', 'armholes'], 'The curved edge a sleeve is set into: some stitches at once, then single ones.', { of: 'finished', kind: 'cardigan' }), // prettier-ignore
  word('ease', 'Ease', ['ease'], 'How much wider a garment is than the body.', { of: 'finished', kind: 'waistcoat' }) // prettier-ignore
];
