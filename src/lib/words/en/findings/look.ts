import type { SayFinding } from '../../words';

type Look =
  | 'band-off-fold'
  | 'lining-shorter'
  | 'outer-peeks'
  | 'stripes-cut'
  | 'join-far'
  | 'stripes-hidden'
  | 'stripes-short'
  | 'colours-short'
  | 'colours-long'
  | 'join-at-fold'
  | 'stripe-gathered'
  | 'filling-shows'
  | 'waste-colour-close';

/** What will be seen, or not. */
export const look: SayFinding<Look> = {
  'band-off-fold': (f, t) =>
    `The middle of the band lies ${t.rows(Math.abs(Math.round(f.off)))} ${f.off > 0 ? 'inside' : 'outside'} the fold: ${t.num(f.outside)}, ${t.num(f.band)} and ${t.num(f.lining)} ${t.terms.row}s are not even on both sides.`,
  'lining-shorter': (f, t) =>
    `The lining is ${t.rows(f.rows)} shorter than the outside: ${t.colour(f.yarn)} shows inside the edge all round.`,
  'outer-peeks': (f, t) =>
    `The outside, ${t.colour(f.yarn)}, will peek ${f.turnedUp ? 'under the turned-up edge' : 'at the edge'}: the lining has ${f.margin === 0 ? `no ${t.terms.row}s` : `only ${t.rows(f.margin)}`} more, and a fold wanders by two or three.`,
  'stripes-cut': (f, t) =>
    `The stripes add up to ${t.rows(f.listed)}, the tube has ${t.num(f.rows)}: the last ${t.num(f.left)} are left out.`,
  'stripes-short': (f, t) =>
    `The stripes add up to ${t.rows(f.listed)}, the tube has ${t.num(f.rows)}: the last colour, ${t.colour(f.yarn)}, goes on for ${t.rows(f.last)}.`,
  'join-far': (f, t) =>
    `Colours are changed ${t.many(f.pins, t.terms.pin, t.pins)} before the marker: the changes leave the back seam and show. Up to ${t.num(f.few)} hide the step; it is a habit of yours, on the Machines page.`,
  'stripes-hidden': (f, t) => `${t.yarn(f.yarn)} is not seen when it is worn: all ${t.rows(f.rows)} of it lie inside.`,
  'colours-short': (f, t) =>
    `The colours set on the ${t.piece(f.piece)} are ${t.rows(f.rows)} too few: ${t.colour(f.yarn)} goes on to its end.`,
  'colours-long': (f, t) =>
    `The colours set on the ${t.piece(f.piece)} are ${t.rows(f.rows)} too many: its last ones are left out.`,
  'join-at-fold': (f, t) =>
    `The change to ${t.colour(f.yarn)} after ${t.row(f.row)} lies ${f.away === 0 ? 'on the fold' : `${t.rows(Math.abs(f.away))} from the fold`}: a fold wanders by two or three, and one colour peeks at the edge.`,
  'stripe-gathered': (f, t) =>
    `${t.sentence(t.span(f.from, f.to))} in ${t.colour(f.yarn)} ${f.from === f.to ? 'is' : 'are'} gathered out of sight where the ${t.piece(f.piece)} is drawn shut.`,
  'filling-shows': (f, t) =>
    `${t.yarn(f.yarn)} knits loose here (tightness ${t.num(f.factor, 1)}): filling will show between the stitches.`,
  'waste-colour-close': (f, t) =>
    `The waste yarn ${t.yarn(f.waste)} is hard to tell from ${t.yarn(f.work)} (colour difference ${t.num(f.apart)}, ${t.num(f.plain)} is plain): its stitches will be missed when it comes out.`
};
