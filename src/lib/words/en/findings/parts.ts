import type { SayFinding } from '../../words';
import { PLACE_WORDS } from '$lib/core/read';
import { seam } from '../names';
import { shapingLine, slopeTrouble } from '../shaping';

type Parts =
  | 'seam-uneven'
  | 'odd-halves'
  | 'cuff-multiple'
  | 'wrap-sum'
  | 'slope-fraction'
  | 'panel-narrow'
  | 'ends-differ'
  | 'armhole-small'
  | 'neck-wide'
  | 'neck-narrow'
  | 'pocket-high'
  | 'garment-wide'
  | 'shoulder-narrow'
  | 'sleeve-tight'
  | 'sleeve-armhole'
  | 'garment-narrow'
  | 'garment-unmeasured'
  | 'band-narrow'
  | 'buttons-close'
  | 'button-slips'
  | 'patch-hidden'
  | 'own-step-gone';

/** Parts that do not fit each other, or the body they are joined round. */
export const parts: SayFinding<Parts> = {
  'seam-uneven': (f, t) => {
    const [first, second] = [t.piece(f.a.piece), t.piece(f.b.piece)];
    const of = f.a.unit === 'rows' ? t.rows(f.a.count) : f.a.unit === 'stitches' ? t.stitches(f.a.count) : t.many(f.a.count, 'rung', 'rungs'); // prettier-ignore
    return `${t.sentence(t.list(f.names.map((name) => seam(name, t))))}: ${of} of the ${first} meet ${t.num(f.b.count)} of the ${second}; the ${t.piece(f.longer)} is longer by ${t.len(f.byMm)}, more than a seam eases in.`;
  },
  'odd-halves': (f, t) =>
    `${t.stitches(f.stitches)} do not halve: one is left over at the flat close; take it together with its neighbour.`,
  'cuff-multiple': (f, t) =>
    `${t.num(f.stitches)} cuff stitches are no multiple of ${t.num(f.repeat)}: ${t.num(f.over)} left over; ${f.comesOut.map((n) => t.num(n)).join(' or ')} ${f.comesOut.length === 1 ? 'comes' : 'come'} out.`,
  'wrap-sum': (f, t) =>
    `${f.sleeve} + ${f.neck} + ${f.sleeve} ${t.terms.row}s are ${t.num(f.sum)}, the tube has ${t.num(f.rows)}: ${t.num(f.off)} ${f.sum > f.rows ? 'too many' : 'left over'}.`,
  'slope-fraction': (f, t) => `${shapingLine(f.what, t)}: ${slopeTrouble(f.why, t)}.`,
  'panel-narrow': (f, t) =>
    `${t.stitches(f.asked)} are asked for, ${t.machine(f.machine)} gives ${t.num(f.given)}: ${f.mode === 'panel' ? `PANEL mode loses ${t.num(f.lost)} of ${t.num(f.pins)}` : `there are no more ${t.pins} on the ring`}.`,
  'band-narrow': (f, t) =>
    `The band comes out ${t.len(f.bandMm)} wide, a button is ${t.small(f.buttonMm)}: it hangs over, and its hole cuts the band through.`,
  'buttons-close': (f, t) =>
    `${t.many(f.count, 'button', 'buttons')} of ${t.small(f.buttonMm)} leave ${t.len(f.gapMm)} from one to the next: the band between two holes tears.`,
  'button-slips': (f, t) =>
    `A button of ${t.small(f.buttonMm)} slips through a loop that is pulled open: ${t.small(f.leastMm)} or more hold.`,
  'patch-hidden': (f, t) => `${t.sentence(t.row(f.row))} ${PLACE_WORDS[f.place]}: nobody sees the patch there.`,
  'own-step-gone': (f, t) =>
    `Your step “${f.text}” has no place: the plan no longer has ${f.at ? `${t.row(f.at.row)} of “${f.at.of}”` : 'the step it came before'}. Choose another place.`,
  'ends-differ': (f, t) =>
    `Front and back end at different ${t.terms.row}s, ${t.num(f.front)} and ${t.num(f.back)}: the ${f.front > f.back ? 'front' : 'back'} is ${t.rows(f.apart)} longer and the shoulders do not meet.`,
  'armhole-small': (f, t) =>
    `The armhole is ${t.len(f.armholeMm)} round, the arm ${t.len(f.armMm)}: ${f.armholeMm < f.armMm ? 'it does not go through' : `it goes through, and pulls; ${t.len(f.roomMm)} of room are easy`}.`,
  'neck-wide': (f, t) =>
    `The neck comes out ${t.len(f.neckMm)} wide where ${t.len(f.askedMm)} are wanted: both shoulders together leave too much between them. Sewing each shoulder seam ${t.len(f.sewInMm)} further in mends it too.`,
  'neck-narrow': (f, t) =>
    `The neck comes out ${t.len(f.neckMm)} wide with its bands where ${t.len(f.askedMm)} are wanted: it sits tight.`,
  'pocket-high': (f, t) =>
    `The pocket begins ${t.rows(f.up)} above the hem and is ${t.rows(f.rows)} tall; there are ${t.num(f.room)} up to the underarm, and above it the front narrows.`,
  'garment-wide': (f, t) =>
    `It comes out ${t.len(f.roundMm)} round where chest and ease are ${t.len(f.askedMm)}: ${t.stitches(f.half)} for a half are too many, ${t.num(f.needs)} are enough.`,
  'shoulder-narrow': (f, t) =>
    `Only ${t.len(f.shoulderMm)} of shoulder are left beside a neck of ${t.len(f.neckMm)}: it slips off.`,
  'sleeve-tight': (f, t) =>
    `The sleeve is ${t.len(f.sleeveMm)} round at rest, the arm ${t.len(f.armMm)}: it stretches over it all day.`,
  'sleeve-armhole': (f, t) =>
    `The top of the sleeve is ${t.len(f.sleeveMm)} round, the armhole ${t.len(f.armholeMm)}: they differ by more than a seam eases in.`,
  'garment-narrow': (f, t) => {
    const sizes = f.gives.slice(0, 3).map(({ panels, mm }) => `${t.len(mm)} with ${t.num(panels)}`);
    const gives = sizes.length ? ` Panels under each arm make it wider: up to ${t.list(sizes)}.` : '';
    const small = f.roundMm < f.chestMm;
    return `It comes out ${t.len(f.roundMm)} round, ${small ? `less than the chest of ${t.len(f.chestMm)}` : `where chest and ease are ${t.len(f.askedMm)}`}: ${f.half < f.most ? `${t.stitches(f.half)} for a half are too few; the ring gives ${t.num(f.most)}` : 'the ring gives no more'}.${gives}`;
  },
  'garment-unmeasured': (f, t) =>
    `Nothing of ${t.yarn(f.yarn)} was measured on this machine yet: the width may be off by ${t.percent(f.percent)} either way. A garment wants a swatch first.`
};
