import { kindWords } from './kinds';

/** Other words by which a knitter looks for a kind. */
const ALSO: Readonly<Record<string, readonly string[]>> = {
  'lined-hat': ['beanie', 'cap', 'head', 'warm', 'lantern', 'winter'],
  'band-hat': ['beanie', 'cap', 'head', 'stripe'],
  'ear-hat': ['cap', 'animal', 'cat', 'bear', 'child'],
  'gathered-hat': ['baby', 'newborn', 'preterm', 'small'],
  'brim-hat': ['beanie', 'cap', 'head', 'light'],
  scarf: ['neck', 'warm', 'long'],
  cowl: ['neck', 'loop', 'snood', 'ring'],
  headband: ['head', 'ears', 'hair'],
  warmers: ['wrist', 'mitts', 'arm', 'leg', 'hands'],
  socks: ['feet', 'foot', 'pair', 'bed'],
  'tube-top': ['shirt', 'summer', 'body'],
  wrap: ['shawl', 'shoulders', 'sleeves'],
  'folded-bag': ['bag', 'handle', 'shopping', 'lamp'],
  sack: ['bag', 'pouch', 'gift', 'lamp', 'drawstring'],
  'mug-wrap': ['cup', 'tea', 'cosy'],
  'bottle-cosy': ['water', 'hot', 'cover'],
  'toy-long': ['moth', 'animal', 'cat', 'dog', 'child', 'baby', 'soft'],
  'toy-round': ['ball', 'animal', 'bird', 'owl', 'child', 'baby'],
  'toy-figure': ['doll', 'gnome', 'child', 'baby', 'person'],
  waistcoat: ['vest', 'garment', 'body', 'band leader'],
  cardigan: ['jacket', 'jumper', 'garment', 'sleeves'],
  panel: ['flat', 'cloth', 'square', 'patch', 'blanket'],
  'panel-tube': ['wide', 'bag', 'pillow', 'cushion'],
  strap: ['handle', 'cord', 'tie', 'belt', 'string'],
  pennant: ['flag', 'triangle', 'bunting'],
  blanket: ['bed', 'baby', 'squares', 'throw'],
  'wide-panel': ['ladder', 'wider', 'cloth'],
  garland: ['leaf', 'leaves', 'flag', 'party', 'hall', 'bunting'],
  pompom: ['ball', 'trim', 'bobble'],
  'free-tube': ['own', 'swatch', 'trial', 'anything']
};

/**
 * Whether a kind is meant by what was typed: every word of it begins a word of the kind's name, of what it is, or of what else
 * it is called.
 *
 * @example isKindMeant('toy-long', 'mot') // true
 */
export function isKindMeant(code: string, typed: string): boolean {
  const { title, blurb } = kindWords(code);
  const words = [title, blurb, ...(ALSO[code] ?? [])]
    .join(' ')
    .toLocaleLowerCase('en')
    .split(/[^\p{L}\p{N}]+/u);
  return typed
    .toLocaleLowerCase('en')
    .split(/[^\p{L}\p{N}]+/u)
    .every((wanted) => words.some((word) => word.startsWith(wanted)));
}
