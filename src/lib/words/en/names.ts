import type { Words } from '../words';

/** Seams and edges by the first part of their code: short, as they stand in a title; the sentence below tells the edges. */
const NAMES: Readonly<Record<string, string>> = {
  'end-first': 'first end',
  'end-last': 'last end',
  'end-to-end': 'end to end',
  'front-twisted': 'twisted front',
  'straight-top': 'straight top',
  crown: 'crown',
  toe: 'toe',
  'bag-right': 'right seam of the bag',
  'bag-left': 'left seam of the bag',
  'centre-back': 'centre back',
  'side-left': 'side seam, left',
  'side-right': 'side seam, right',
  'side-back-left': 'side seam, left back',
  'side-back-right': 'side seam, right back',
  'side-front-left': 'side seam, left front',
  'side-front-right': 'side seam, right front',
  'shoulder-left': 'shoulder, left',
  'shoulder-right': 'shoulder, right',
  'sleeve-set-left': 'armhole, left',
  'sleeve-set-right': 'armhole, right',
  'sleeve-seam-left': 'sleeve seam, left',
  'sleeve-seam-right': 'sleeve seam, right',
  'sleeve-left': 'shoulder and sleeve, left',
  'sleeve-right': 'shoulder and sleeve, right',
  'underarm-left': 'left underarm',
  'underarm-right': 'right underarm',
  'neck-front': 'neck, front tube',
  'neck-back': 'neck, back tube',
  'body-front': 'body opening, front tube',
  'body-back': 'body opening, back tube',
  'ladder-upper': 'upper ladders',
  'ladder-upper-back': 'upper ladder, back tube',
  'ladder-lower': 'lower ladders',
  'ladder-lower-back': 'lower ladder, back tube',
  'cuff-left': 'left cuff',
  'cuff-right': 'right cuff',
  'wrist-left': 'left wrist',
  'wrist-right': 'right wrist',
  'hat-back': 'back of the hat',
  'hat-brim': 'back of the brim',
  'edge-first': 'first edge',
  'edge-last': 'last edge',
  'held-low': 'stepped edge at the low side',
  'held-high': 'stepped edge at the high side',
  'held-neck': 'neck',
  'armhole-left': 'left armhole',
  'armhole-right': 'right armhole',
  hem: 'hem',
  band: 'front bands and neck'
};

/** "held-back-left" and the like, put together from their parts. */
function composed(name: string): string {
  const [what, ...rest] = name.split('-');
  if (what === 'held' && rest[0] === 'neck') return `edge of the V, ${rest[1]} front`;
  if (what === 'held') return `${rest.at(-1)} ${rest[0] === 'shoulder' ? 'shoulder' : `underarm, ${rest[0]}`}`;
  if (what === 'side' && rest[0] === 'between') return `side seam, ${rest[1]}, panel ${rest[2]} to the next`;
  if (what === 'sleeve' && rest[0] === 'parts') return `sleeve panels, ${rest[1]}`;
  if (what === 'panel') return `panel ${rest[0]} to the next`;
  if (what === 'blocks') return `block ${rest[0]} to block ${rest[1]}`;
  if (what === 'strips') return `${rest[0]} to ${rest[1]}, side by side`;
  return name.replaceAll('-', ' ');
}

/** What a short name leaves unsaid, for the sentence below it. */
const WHOLE: Readonly<Record<string, string>> = {
  'sleeve-set-left': 'the left sleeve into its armhole',
  'sleeve-set-right': 'the right sleeve into its armhole',
  'sleeve-parts-left': 'the panels of the left sleeve side by side',
  'sleeve-parts-right': 'the panels of the right sleeve side by side'
};

/** What a seam joins, where its short name leaves it unsaid. @example wholeSeam('side-left') // null */
export const wholeSeam = (name: string): string | null => WHOLE[name.replace(/-\d+$/, '')] ?? null;

const PLURALS: Readonly<Record<string, string>> = { foot: 'feet' };

/** Several of a thing. @example severalOf('foot') // 'feet' */
export const severalOf = (thing: string): string => PLURALS[thing] ?? `${thing}s`;

export const seam: Words['seam'] = (name, t) => (NAMES[name] ?? composed(name)).replaceAll('pins', t.pins);

const OPENINGS: Readonly<Record<string, string>> = {
  brim: 'brim',
  mouth: 'mouth',
  cuff: 'cuff',
  neck: 'neck',
  body: 'body opening',
  front: 'front, neck and hem',
  outline: 'edge all round'
};
export const opening: Words['opening'] = (name) => OPENINGS[name] ?? name.replaceAll('-', ' ');

const STRETCHES: Readonly<Record<string, string>> = {
  sleeveRows: 'each sleeve',
  neckRows: 'the neck',
  bodyRows: 'the body opening'
};
export const stretchOf: Words['stretchOf'] = (option) => STRETCHES[option] ?? null;

/** Where parts are sewn on. */
export const PLACES: Readonly<Record<string, string>> = {
  'neck-sides': 'at the sides, just below the neck',
  bottom: 'at the bottom',
  'bottom-four': 'at the bottom, two in front and two behind',
  head: 'on the head, a few stitches',
  'head-top': 'at the top of the head, a third of the girth apart',
  back: 'at the back, below the neck',
  belly: 'along the belly, two by two',
  end: 'at the end',
  top: 'on top',
  'pocket-left': 'on the left front',
  'pocket-right': 'on the right front',
  'bag-tips': 'at the two tips'
};

export const cuts: Words['cuts'] = {
  drawstring: 'drawstring thread',
  zip: 'zip thread',
  closing: 'closing an end',
  edge: 'crocheted edge',
  band: 'crocheted band',
  cuff: 'cuff',
  chain: 'chain',
  seam: 'seam',
  held: 'chaining off what was held',
  ladder: 'end of a ladder',
  toe: 'toe',
  ears: 'ear',
  waist: 'waist thread',
  sewing: 'sewing on',
  face: 'face',
  hanging: 'hanging thread',
  button: 'button',
  patch: 'patch',
  pompom: 'pompom'
};
