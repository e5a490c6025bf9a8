import { SNUG_STRETCH, TIGHT_STRETCH } from '$lib/core/body';
import type { SayFinding } from '../../words';

type Size =
  | 'stretch-high'
  | 'stretch-very-high'
  | 'stretch-too-high'
  | 'slips-off'
  | 'hat-loose'
  | 'ring-tight'
  | 'ring-loose'
  | 'tube-short'
  | 'tube-long'
  | 'rows-few'
  | 'rows-many'
  | 'clamped'
  | 'wrong-ring'
  | 'brim-too-deep'
  | 'bag-ratio'
  | 'pair-unlike'
  | 'mug-height'
  | 'loops-short'
  | 'halter-short'
  | 'strap-short'
  | 'garland-crowded';

/** What comes out too small, too large, too short or too long. */
export const size: SayFinding<Size> = {
  'stretch-high': (f, t) =>
    `Tight: ${t.percent(f.percent)} of stretch at the ${f.over}; up to ${t.percent(100 * SNUG_STRETCH)} is snug.`,
  'stretch-very-high': (f, t) =>
    `Very tight: ${t.percent(f.percent)} of stretch at the ${f.over}, more than ${t.percent(100 * TIGHT_STRETCH)}. It goes on: the ring it hung on is ${t.len(f.ringMm)} round.`,
  'stretch-too-high': (f, t) =>
    `It will not go on: the ${f.over} is ${t.len(f.girthMm)} round, the ring the tube hung on only ${t.len(f.ringMm)}.`,
  'slips-off': (f, t) => `It hangs loose: the tube is ${t.percent(f.percent)} wider than the ${f.over} and will slip.`,
  'hat-loose': (f, t) =>
    f.percent < 0
      ? `Too loose for the head: at rest it is ${t.percent(-f.percent)} wider than the brow and slips over the eyes.`
      : `Too loose for the head: at the brow it is stretched by ${t.percent(f.percent)} only and does not hold.`,
  'ring-tight': (f, t) =>
    `Round the ${f.over} it is pulled ${t.percent(f.percent)} longer; beyond ${t.percent(f.most)} it goes narrow and hard.`,
  'ring-loose': (f, t) => `Too long to hold on the ${f.over}: it is ${t.percent(f.percent)} longer than the way round.`,
  'tube-short': (f, t) =>
    `Too short for the head: ${f.layer ? `the ${t.terms.row}s above the brim and half of its own are ${t.num(f.rows)}` : t.rows(f.rows)} where this head asks for ${t.num(f.wanted)}; it ends ${t.len(f.gapMm)} above the brow${f.turnedUp ? ' with this turn-up' : ''}.`,
  'tube-long': (f, t) =>
    `Too long for the head: ${f.layer ? `the ${t.terms.row}s above the brim and half of its own are ${t.num(f.rows)}` : t.rows(f.rows)} where this head asks for ${t.num(f.wanted)}; ${t.len(f.gapMm)} too much at the brow.`,
  'rows-few': (f, t) => `Too short: ${t.rows(f.rows)} where the measures ask for ${t.num(f.wanted)}.`,
  'rows-many': (f, t) => `Too long: ${t.rows(f.rows)} where the measures ask for ${t.num(f.wanted)}.`,
  clamped: (f, t) =>
    `Asked for under “${t.option(f.option)}”: ${{ rows: t.rows, stitches: t.stitches, groups: (n: number) => t.many(n, 'group', 'groups'), pin: t.pin }[f.of](f.asked)}; ${
      {
        place: `the widest piece begins at ${t.pin(f.given)}, so that none of its stitches is lost`,
        room: `there is room for ${t.num(f.given)}, and so many are knitted`,
        even: `with the other numbers it comes out as ${t.num(f.given)}`,
        needs: `its shaping needs ${t.num(f.given)}, and so many are knitted`
      }[f.why]
    }.`,
  'wrong-ring': (f, t) =>
    `${t.machine(f.machine)} has ${t.many(f.pins, t.terms.pin, t.pins)}; a ${t.kind(f.kind).toLowerCase()} is made on ${f.from} to ${f.to}, it comes out very ${f.pins < f.from ? 'small' : 'wide'}.${f.others ? '' : ' No other machine here is nearer.'}`,
  'brim-too-deep': (f, t) =>
    `A brim of ${t.len(f.turnUpMm)} covers all of the outside: a layer is ${t.len(f.layerMm)} long, ${t.len(f.leftMm)} of it are left above the brow.`,
  'bag-ratio': (f, t) =>
    `${t.num(f.ratio, 1)} times as long as tall where 3 is the rule: the end of the tube is ${f.ratio < 3 ? 'longer' : 'shorter'} than the side it is sewn to.`,
  'pair-unlike': (f, t) =>
    `The two come out unlike: ${t.list(f.longMm.map(t.len))} long, ${t.list(f.wideMm.map(t.len))} wide; their yarns knit differently.`,
  'mug-height': (f, t) => `The wrap is ${t.len(f.wrapMm)} tall, the mug ${t.len(f.mugMm)}: it covers the rim.`,
  'loops-short': (f, t) =>
    `The two loops do not meet: ${t.many(f.chains, 'chain', 'chains')} reach ${t.len(f.reachMm)} from either end, the gap is ${t.len(f.gapMm)}.`,
  'halter-short': (f, t) =>
    `The halter does not pass the head: ${t.many(f.chains, 'chain', 'chains')} give ${t.len(f.reachMm)} when pulled, the head is ${t.len(f.headMm)}.`,
  'strap-short': (f, t) =>
    `The straps are short: ${t.len(f.strapMm)} each, from the front over the shoulder to the back it takes ${t.len(f.needsMm)}.`,
  'garland-crowded': (f, t) =>
    `${t.num(f.count)} do not fit side by side: each is ${t.len(f.wideMm)} wide, from middle to middle there are ${t.len(f.spacingMm)}.`
};
