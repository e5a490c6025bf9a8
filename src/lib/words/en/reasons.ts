import type { ReasonEvidence } from '$lib/core/quantity';
import type { Voice } from '../voice';
import type { Words } from '../words';

/** A measurement by what it is and its day: "swatch of 3 May 2026, Reedwick". */
export const evidence: Words['evidence'] = (e: ReasonEvidence, v) => {
  const what = e.kind === 'swatch' ? 'swatch' : e.name || 'piece';
  const moved = e.from && e.to ? `, taken from ${e.from} to ${e.to}` : '';
  return `${what} of ${v.day(e.on)}${moved}${e.of === null ? '' : `, ${e.of}`}`;
};

const elsewhere = (there: boolean): string => (there ? ', but in another tension hole or held otherwise' : '');
const WEIGHED = ', weighed with common practice';
const fewer = (share: number, v: Voice): string =>
  share > 0 ? `, ${v.percent(100 * share)} fewer for a yarn that grows as it is worn` : '';

/** Why a figure is what it is, step by step. */
export const reasons: Words['reasons'] = {
  practice: (f, v) =>
    `common practice for medium yarn${f.like > 0 ? `, moved by ${v.many(f.like, 'measurement', 'measurements')} of like yarns on this machine` : ''}; nothing measured yet for ${f.yarn} on ${f.machine}`,
  own: (f, v) => `your ${evidence(f, v)}${elsewhere(f.elsewhere)}${WEIGHED}`,
  owns: (f, v) => {
    const some = [
      f.swatches > 0 ? v.many(f.swatches, 'swatch', 'swatches') : '',
      f.pieces > 0 ? v.many(f.pieces, 'finished piece', 'finished pieces') : ''
    ];
    return `your ${some.filter(Boolean).join(' and ')} in ${f.yarn}${elsewhere(f.elsewhere)}${WEIGHED}`;
  },
  typed: () => 'the gauge as it was typed in',
  chosen: () => 'as chosen',
  nothing: () => 'nothing is knitted',
  layers: (f, v) =>
    `two layers over a head of ${v.len(f.headMm)}, brow a third of the girth below the crown${f.turnUpMm > 0 ? `, brim ${v.len(f.turnUpMm)} turned up at full stretch` : ''}${fewer(f.fewer, v)}`,
  oneLayer: (f, v) =>
    `one layer over a head of ${v.len(f.headMm)}, brow a third of the girth below the crown, a doubled brim of ${v.len(f.brimMm)} at full stretch${fewer(f.fewer, v)}`,
  lengthOf: (f, v) => `${v.len(f.mm)} of ${f.of}`,
  sackHigh: (f, v) => `${v.len(f.mm)} of sack, the channel of ${v.rows(f.channel)} hanging doubled`,
  along: (f, v) =>
    `${v.len(f.mm)} along ${f.chest ? 'a chest of ' : ''}${v.len(f.girthMm)}${f.chest ? '' : ' round'}, stitches pulled wide`,
  elbows: (f, v) => `${v.len(f.mm)} from below one elbow to below the other`,
  bottleReach: (f, v) => `${v.len(f.mm)} from the middle of the foot to the shoulder of the bottle`,
  threeFlat: (f, v) => `three times the flat width of ${v.len(f.mm)}`,
  evenly: (f, v) => `${v.num(f.count)} at even spacing, ${v.len(f.freeMm)} free at either end`,
  round: (f, v) => `${v.len(f.mm)} to reach round, worn ${v.percent(f.percent)} longer than at rest`,
  footAndCuff: (f, v) =>
    `foot of ${v.len(f.footMm)} and a cuff of ${v.len(f.cuffMm)}, stitches pulled wide over ${v.len(f.girthMm)}`,
  rowsHigh: (f, v) => {
    const each = f.parts.map((p) => `${v.rows(p.rows)}${p.yarn === null ? '' : ` of ${p.yarn}`} / ${v.rate(p.perCm)} ${v.terms.row}s per cm`); // prettier-ignore
    return `${each.join(' + ')}${f.doubled > 0 ? `, ${v.num(f.doubled)} of them hanging doubled` : ''}`;
  },
  stitchesWide: (f, v) => `${f.half ? 'half of ' : ''}${v.stitches(f.stitches)} / ${v.rate(f.perCm)} stitches per cm`,
  hangingSwatches: (f, v) => `20 ${v.terms.row}s measured ${v.len(f.mm)} as they hung`,
  hangingLaw: (f, v) =>
    `stitches pulled ${v.num(f.wideMm, 1)} mm wide by the ${v.terms.pin}s are ${v.num(f.highMm, 1)} mm high; no swatch was measured as it hung`,
  halfTube: (f, v) =>
    `half of the tube${f.crownMm > 0 ? ` less ${v.len(f.crownMm)} that the drawn crown takes` : ''}${f.brimMm > 0 ? ` less ${v.len(f.brimMm)} turned up` : ''}`,
  headOver: (f, v) => `head of ${v.len(f.headMm)} over a tube of ${v.len(f.tubeMm)} round`,
  bandShows: (f, v) => `${v.rows(f.rows)} of the band show, ${v.num(f.eachMm, 1)} mm each at full stretch`,
  hangDoubled: (f, v) => `${v.rows(f.rows)} hang doubled, half of them make the height`,
  aboveBrim: () => 'single above a doubled brim, at the stretch of the brow',
  overTube: (f, v) => `${v.len(f.mm)} of ${f.over} in a tube of ${v.len(f.tubeMm)} round`,
  pulledWide: (f, v) => `a stitch pulled wide is ${v.num(f.mm, 1)} mm high`,
  reachRound: (f, v) => `${v.len(f.mm)} to reach round with ${v.len(f.tubeMm)} of tube`,
  rows: (f, v) => v.rows(f.rows),
  bag: (f) =>
    ({
      diagonal: 'the diagonal of the middle square',
      'half-diagonal': 'half of that diagonal',
      again: 'as high again',
      rim: 'the rim that no seam takes'
    })[f.of],
  thirds: () => '300 % is the rule: each seam joins a third of the length to a third',
  mouthAndEnds: () => 'once round the mouth and two ends to pull',
  outlines: () => 'the outlines of all pieces',
  roundHem: (f, v) => `${v.many(f.panels, 'panel', 'panels')} side by side, two stitches of each in its seams`,
  partsDrawn: () => 'parts as drawn',
  filling: (f, v) => `${v.num(f.gramsPerCm3, 2)} g to a cubic centimetre of stuffed tube, an estimate of our own`,
  card: () => 'as wide as the card less a tenth for trimming',
  yarnParts: (f, v) =>
    `${f.parts.map((part) => `${part.what} ${v.run(part.metres)}`).join(' + ')}; ${v.num(f.loopMm / 10, 2)} cm of yarn in a stitch${f.strands > 1 ? `, ${v.num(f.strands)} strands` : ''}`,
  tex: (f, v) => `${v.num(f.tex)} tex by the label`,
  ball: (f, v) => `${v.run(f.metres)} to the ball`,
  scale: (f, v) => `${v.num(f.grams, 1)} g x ${v.num(f.labelMetres)} m / ${v.num(f.labelGrams)} g of the label`,
  rowsLeft: (f, v) =>
    `${v.run(f.metres)}, less ${v.run(f.tails)} for cast-on and tails, ${v.num(f.perRow, 2)} m to a ${v.terms.row} of ${v.many(f.pins, v.terms.pin, `${v.terms.pin}s`)}${f.strands > 1 ? `, ${v.num(f.strands)} strands together` : ''}`,
  pace: (f, v) =>
    `${v.num(f.perMinute, 1)} ${v.terms.row}s a minute, ${f.own ? 'your own pace' : 'a practised knitter'}${f.of === 'cranking' ? `; joins included` : ', with joins and finishing; setting up is not counted'}`,
  finishingSteps: () => 'sum of the finishing steps, a practised knitter'
};

/** Names of the figures of a finished thing. */
export const figures: Words['figures'] = {
  width: () => 'Width',
  height: () => 'Height',
  'height-flat': () => 'Height, lying flat',
  'flat-brim-up': () => 'Lying flat, brim up',
  'flat-brim-down': () => 'Lying flat, brim down',
  'brim-worn': () => 'Brim as worn',
  'band-worn': () => 'Band as worn',
  'stretch-brow': () => 'Stretch at the brow',
  'stretch-over': (over) => `Stretch over the ${over}`,
  'stretch-round': (over) => `Stretch round the ${over}`,
  'length-on': (over) => `Length on the ${over}`,
  'head-asks': () => 'This head asks for',
  gap: () => 'Gap that the loops bridge',
  channel: () => 'Channel for the cord',
  cord: () => 'Cord',
  'to-notch': () => 'Height to the notch',
  tips: () => 'Tips above it',
  mouth: () => 'Opening, all round',
  'length-to-height': () => 'Length against height',
  sleeve: () => 'Shoulder and sleeve',
  'neck-opening': () => 'Neck opening',
  'body-opening': () => 'Body opening',
  tall: () => 'Tall, put together',
  wide: () => 'Wide',
  filling: () => 'Filling',
  line: () => 'Line without tails',
  spacing: () => 'From middle to middle',
  pompom: () => 'Across, trimmed',
  fabric: () => 'Fabric in all',
  round: (over) => `Round the ${over}`
};
