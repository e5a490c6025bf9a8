import { word, type WordEntry } from './entry';

/** Making up (craft 9). */
export const handWords: readonly WordEntry[] = [
  word('rest', 'Rest', ['let it rest', 'rested', 'rests', 'at rest'], 'Fresh from the ring a piece is stretched. Tugged lengthwise and across, then left overnight, it finds its size; only then it is measured.', { of: 'act', kind: 'scarf', do: 'rest' }), // prettier-ignore
  word('block', 'Block', ['block', 'blocked', 'blocking'], 'Wet or steam a piece as its yarn allows, pin it to its measures and let it dry. Hot steam melts synthetic fibre.', { of: 'act', kind: 'waistcoat', do: 'block' }), // prettier-ignore
  word('fold', 'Fold', ['fold', 'folded', 'folds'], 'Where a tube is turned into itself or laid double.', { of: 'act', kind: 'lined-hat', do: 'fold', how: 'inside' }), // prettier-ignore
  word('lining', 'Lining', ['lining', 'lined'], 'The half of a tube that is pushed into the other and lies against the head.', { of: 'cut', kind: 'lined-hat' }), // prettier-ignore
  word('brim', 'Brim', ['brim', 'turned-up brim', 'turned up'], 'The lower edge of a hat. Turned up it shows what lies inside, and lies four layers thick.', { of: 'act', kind: 'lined-hat', do: 'fold', how: 'brim' }), // prettier-ignore
  word('crown', 'Crown', ['crown'], 'The top of a hat, where it is gathered. The last rows there show little.', { of: 'finished', kind: 'lined-hat' }), // prettier-ignore
  word('gather', 'Gather', ['gather', 'gathered', 'cinch', 'cinched'], 'A running thread pulled until the fabric bunches, and knotted.', { of: 'act', kind: 'socks', do: 'gather' }), // prettier-ignore
  word('waist', 'Waist', ['waist', 'waists'], 'A thread round a filled tube, drawn tight: a neck, a body’s end, ears.', { of: 'act', kind: 'toy-long', do: 'waist' }), // prettier-ignore
  word('filling', 'Filling', ['filling', 'fill', 'filled'], 'What makes a toy round. Little by little, firm enough to hold, not so much that it shows between stitches.', { of: 'act', kind: 'toy-round', do: 'fill' }), // prettier-ignore
  word('seam', 'Seam', ['seam', 'seams', 'sew', 'sewn', 'join'], 'Two edges sewn together. Rows meet rows, or stitches meet stitches.', { of: 'act', kind: 'cardigan', do: 'join' }), // prettier-ignore
  word('mattress', 'Mattress stitch', ['mattress stitch'], 'From the right side the needle takes one or two bars beside the edge, now here, now there. Pulled, the seam disappears, and it can be undone.', { of: 'act', kind: 'waistcoat', do: 'join' }), // prettier-ignore
  word('graft', 'Graft', ['graft', 'grafted', 'stitch by stitch', 'loop to loop'], 'Open loops of two ends sewn together one by one; done well, it looks like a row.', { of: 'act', kind: 'cowl', do: 'join' }), // prettier-ignore
  word('crochet', 'Single crochet', ['single crochet', 'slip stitch', 'crochet', 'crocheted'], (v) => `${v.terms.crochet === 'UK' ? 'Double crochet in the UK’s words, single in those of the US' : 'Single crochet in US words; the UK calls it double'}: hook in, yarn through, yarn through both loops. It makes an edge firm.`, { of: 'act', kind: 'waistcoat', do: 'bind' }), // prettier-ignore
  word('hem', 'Hem', ['hem', 'hems'], 'The lower edge of a garment or a hat.', { of: 'finished', kind: 'brim-hat' }), // prettier-ignore
  word('band', 'Band', ['band', 'bands'], 'A strip crocheted along an edge, or a run of rows in another colour round a hat.', { of: 'finished', kind: 'band-hat' }), // prettier-ignore
  word('weave-in', 'Weave in', ['weave in', 'woven in', 'bury'], 'A tail goes a few centimetres one way and back on the wrong side, then it is cut.', { of: 'act', kind: 'waistcoat', do: 'weave' }), // prettier-ignore
  word('knot', 'Knot', ['knot', 'knots', 'tie', 'tied', 'knotted'], 'Two tails tied twice, close to the fabric but not so tight that it puckers.', { of: 'act', kind: 'free-tube', do: 'tie' }), // prettier-ignore
  word('cord', 'Cord', ['cord', 'cords'], 'Twisted or knitted, to tie with. Near a small child a loose cord is a danger.', { of: 'act', kind: 'sack', do: 'cord' }), // prettier-ignore
  word('pompom', 'Pompom', ['pompom', 'pompoms'], 'Yarn wound round a card, tied in the middle, cut open and trimmed.', { of: 'act', kind: 'pompom', do: 'pompom' }), // prettier-ignore
  word('runs-down', 'Run down', ['run down', 'runs down'], 'A stitch let go falls rung by rung to where something holds it.', { of: 'act', kind: 'wrap', do: 'runDown' }) // prettier-ignore
];
