import type { OptionWords } from '../../options';
import { METHODS } from './methods';

/** What it is and how big. */
export const what: Readonly<Record<string, OptionWords>> = {
  sizeBy: {
    title: 'Size decided by',
    choices: {
      measures: 'Measures',
      rows: 'Stitches and rows',
      head: 'The head',
      height: 'Finished height',
      sections: { label: 'Three row counts', help: 'Outside, band and lining, for example 36, 28, 36.' },
      habit: { label: 'Habit', help: '400 rows.' },
      length: 'A length',
      body: 'The body',
      ratio: 'Three times as long as tall',
      mug: 'The mug',
      bottle: 'The bottle',
      counts: 'All counts'
    }
  },
  channelRows: {
    title: 'Rows of the channel',
    help: 'An even count; hung back onto the pins, half of them are its height.'
  },
  mugMm: { title: 'Mug, way round', help: 'Outside, at the middle.' },
  loopBy: {
    title: 'Length of the loops',
    choices: {
      gap: { label: 'By the gap', help: 'Each reaches half the gap and 3 cm more, to hook over the other.' },
      count: { label: 'Chains I count', help: 'As many chains as you say.' }
    }
  },
  loopChains: { title: 'Chains of a loop' },
  gapMm: { title: 'Gap at the handle', help: 'The chain loops bridge it.' },
  bottleMm: { title: 'Bottle, way round', help: 'At its widest.' },
  widthMm: { title: 'Width' },
  stitches: { title: 'Stitches', help: 'Cast on.' },
  taper: {
    title: 'Narrowing',
    choices: { none: 'None', both: 'At both edges', low: 'At the lowest pin', high: 'At the highest pin' }
  },
  topMm: { title: 'Width at the top' },
  topStitches: { title: 'Stitches at the top' },
  method: {
    title: 'Decreases',
    choices: {
      ...METHODS,
      held: { label: 'Held', help: 'One or several at once onto a thread, where the yarn is; chained off later.' }
    }
  },
  step: { title: 'Held at a time' },
  slope: { title: 'Slope', help: 'Counted from the first row of the work.' },
  twoEdges: {
    title: 'The two edges',
    choices: {
      alike: 'Alike',
      own: { label: 'Each its own way', help: 'The high edge has its own decreases and its own slope.' }
    }
  },
  methodHigh: {
    title: 'Decreases at the high edge',
    choices: {
      ...METHODS,
      held: { label: 'Held', help: 'One or several at once onto a thread, where the yarn is; chained off later.' }
    }
  },
  stepHigh: { title: 'Held at a time, high edge' },
  slopeHigh: { title: 'Slope of the high edge', help: 'Counted from the first row of the work.' },
  place: {
    title: 'Place on the ring',
    choices: {
      middle: { label: 'In the middle', help: 'Clear of both ends: no stitch is lost.' },
      low: { label: 'At the low end', help: 'From the first pin that loses no stitch.' },
      first: { label: 'From pin 1', help: 'In PANEL mode the first two stitches are lost.' },
      own: { label: 'From a pin of my own', help: 'Counted from the marker.' }
    }
  },
  firstPin: { title: 'First pin' },
  girthMm: { title: 'Girth of the tube', help: 'At rest, as it should lie.' },
  parts: { title: 'Panels round' },
  pins: { title: 'Pins', help: 'Half way round the ring, clear of the marker.' },
  copies: { title: 'How many' },
  strips: { title: 'Strips' },
  blocks: { title: 'Blocks in a strip', help: 'More than one makes a grid of blocks.' },
  every: { title: 'Pins between two groups' },
  columns: { title: 'Columns of a group' },
  groupsBy: {
    title: 'Groups',
    choices: {
      all: { label: 'As many as fit', help: 'In the middle, the outer pins plain at either edge.' },
      count: { label: 'So many', help: 'In the middle of the panel.' },
      place: { label: 'So many, from a pin on', help: 'Counted from the first pin of the panel.' }
    }
  },
  groups: { title: 'How many groups' },
  firstAfter: { title: 'Plain pins before the first' },
  thicknessMm: { title: 'Thickness of the card', help: 'Cardboard folded over and taped is about 5 mm.' },
  lineMm: { title: 'Length to span' },
  tailMm: { title: 'Tail at either end', help: 'To tie it up with.' },
  motif: {
    title: 'What hangs on it',
    choices: {
      tube: { label: 'Small tubes', help: 'Drawn at both ends, like leaves or lanterns.' },
      hat: 'Mini hats',
      pennant: { label: 'Pennants', help: 'Small flags, narrowed to a point.' },
      pompom: 'Pompoms'
    }
  },
  count: { title: 'How many' },
  dropMm: { title: 'Drop below the line' },
  motifMm: { title: 'Height of one' },
  flagMm: { title: 'Width of one' },
  wraps: { title: 'Wraps of a pompom' },
  cardMm: { title: 'Width of the card' }
};
