import { word, type WordEntry } from './entry';

/** Beginning, changing yarns, taking off (craft 3). */
export const endWords: readonly WordEntry[] = [
  word('cast-on', 'Cast-on', ['cast-on', 'cast on', 'cast-on edge'], (v) => `The first loops on the ${v.pins}. Laying them is not a counted ${v.terms.row}.`, { of: 'moment', kind: 'lined-hat', code: 'woven' }), // prettier-ignore
  word('weave-on', 'Woven cast-on', ['weave the cast-on', 'woven cast-on'], (v) => `In front of one ${v.terms.pin}, behind the next, all round, without pulling. Its tail draws the edge up like a string.`, { of: 'moment', kind: 'lined-hat', code: 'woven' }), // prettier-ignore
  word('wrap-on', 'Wrapped cast-on', ['wrap the cast-on', 'wrapped cast-on', 'e-wrap'], (v) => `The yarn goes once round each ${v.terms.pin}, snug. An edge that stays; panels begin so.`, { of: 'moment', kind: 'waistcoat', code: 'wrapped' }), // prettier-ignore
  word('waste', 'Waste yarn', ['waste yarn', 'waste', 'rows of waste', 'scrap yarn'], 'Scrap yarn in another colour, knitted before or after the work so that its loops stay open. It comes off once they are secured.', { of: 'moment', kind: 'cowl', code: 'cutWaste' }), // prettier-ignore
  word('tail', 'Tail', ['tail', 'tails', 'yarn end', 'yarn ends'], 'The loose end of a yarn where it begins or ends. It is tied, woven in, or used to draw or sew.', { of: 'moment', kind: 'lined-hat', code: 'tail' }), // prettier-ignore
  word('change', 'Change of yarn', ['change yarn', 'change of yarn', 'change of colour', 'joins', '1 join', 'colour change'], 'The old yarn is cut, the new one laid into the guide at the marker, its tail in the middle. A few rows later the tails are tied.', { of: 'moment', kind: 'free-tube', code: 'newIn' }), // prettier-ignore
  word('live', 'Live stitches', ['live', 'live stitches', 'live loops', 'open loops'], 'Loops that nothing holds yet. Pulled, they run down; a thread, a chain or waste yarn holds them.', { of: 'moment', kind: 'lined-hat', code: 'needle' }), // prettier-ignore
  {
    id: 'off',
    term: (v) => v.sentence(v.terms.off),
    forms: (v) => [v.terms.off],
    says: (v) =>
      `Taking the piece off the ${v.pins}: onto a thread, chained with a hook, or cranked off on waste yarn.`,
    picture: { of: 'moment', kind: 'lined-hat', code: 'taken' },
    seenIn: 'lined-hat'
  },
  word('drawstring', 'Drawstring', ['drawstring', 'draw the cast-on edge', 'draw the last edge', 'draw it, knot', 'draw up', 'draw shut', 'drawn shut', 'draw thread', 'gathering thread'], 'A thread through all loops of an end. Pulled, it gathers the end until it is shut.', { of: 'act', kind: 'lined-hat', do: 'draw' }), // prettier-ignore
  word('chain', 'Chain off', ['chain off', 'chained off', 'chain', 'chained', 'chain the stitches off'], 'With a hook each loop is pulled through the one before. An edge that is done at once.', { of: 'moment', kind: 'panel', code: 'hookTwo' }), // prettier-ignore
  word('thread', 'Thread', ['a thread', 'the thread', 'thread of', 'strong thread'], 'A strong smooth yarn that carries loops for a while or for good.', { of: 'moment', kind: 'lined-hat', code: 'needle' }), // prettier-ignore
  {
    id: 'needle',
    term: () => 'Sewing needle',
    // Where the pins are called needles the word alone means these.
    forms: (v) => ['blunt needle', 'sewing needle', 'darning needle', ...(v.terms.pin === 'needle' ? [] : ['needle'])],
    says: () => 'Blunt, with a large eye: it goes between strands, not through them.',
    picture: { of: 'moment', kind: 'scarf', code: 'needle' },
    seenIn: 'scarf'
  }
];
