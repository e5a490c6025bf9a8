import { severalOf } from '../names';
import type { Words } from '../../words';

type Cords = Pick<Words['acts'], 'cord' | 'tryOn' | 'threadCord' | 'pompom' | 'hang' | 'own'>;

/** Length of a card to its width (craft 7.18: about 10 x 7.5 cm). */
const CARD_LENGTH = 100 / 75;

/** Chains, pompoms, and what hangs on a line. */
export const cords: Cords = {
  cord: (a, f, t) => {
    const what = { loop: 'loop', strap: 'strap', halter: 'halter loop', drawstring: 'drawstring', tie: 'tie cord' }[
      a.name
    ];
    const how = {
      loop: `From one corner of that end to the other, fastened at both: it stands out ${t.len(f.reachMm ?? 0)} and hooks over.`,
      strap:
        'At the clips: slip into the upper edge at the front, chain, slip into it at the back, twice through at either end.',
      halter:
        'Slip into the centre front of the upper edge, chain, slip back in beside it: it goes over the head, or is tied behind the neck.',
      drawstring: 'Its ends stay free: they are knotted once it is threaded.',
      tie: 'Fastened at the sides of the brim; knot the ends that hang.'
    }[a.name];
    return {
      title: `Chain ${f.count === 1 ? `a ${what}` : t.many(f.count, what, `${what}s`)} of ${t.len(f.mm)}: ${t.many(f.chains, 'chain', 'chains')}${f.count > 1 ? ' each' : ''}`,
      detail: `In ${t.yarn(a.yarn)}, ${t.cut(f.cutMm)} of it${f.count > 1 ? ' for each' : ''}. ${how}`
    };
  },
  tryOn: (a, f, t) => ({
    title: 'Try it on and clip it',
    detail: `Pull the ${t.piece(a.piece)} on, or over somebody who holds still. It stretches with the first wearing: let it settle. Clip ${f.clips === 1 ? 'the centre front' : `${t.many(f.clips, 'place', 'places')}, at front and back,`} where the ${f.clips === 1 ? 'halter' : 'straps'} will sit.`
  }),
  threadCord: (_a, f, t) => ({
    title: 'Thread the cord through the channel, then knot it',
    detail: `The channel is a closed ring: in between two columns at the marker, once round on a blunt needle, out beside where it went in: ${t.len(f.mm)} of cord. Then knot both ends together.`
  }),
  pompom: (a, f, t) => {
    const button = `Inside, through the holes of a button of ${t.small(f.buttonMm ?? 0)} or more, and tied on it: it cannot slip through`;
    const fixed = a.by === 'button' ? 'buttoned on' : 'tied on with a double bow inside';
    const on = a.on === 'piece' ? ` It is ${fixed}: removable, because it does not wash well.` : '';
    if (f.bought) {
      return {
        title: f.count === 1 ? 'Fix the bought pompom' : `Fix ${t.many(f.count, 'bought pompom', 'bought pompoms')}`,
        detail: `Its strings from outside to inside, a stitch apart. ${f.buttonMm === null ? 'A double bow inside' : button}.${on}`
      };
    }
    const [w, h] = [a.cardMm * CARD_LENGTH, a.cardMm];
    return {
      title: a.on === 'alone' ? `Wind, tie, cut and trim ${t.many(f.count, 'pompom', 'pompoms')}` : `Make and fix ${t.many(f.count, 'pompom', 'pompoms')}`, // prettier-ignore
      detail: `${t.num(a.wraps)} wraps round a card of ${t.len(w)} x ${t.len(h)} in ${t.yarn(a.yarn)}, tied in the middle with a strong thread, cut at both edges, trimmed to a ball of ${t.len(f.sizeMm)}: ${t.run(f.yarnMm / 1000)}${f.count > 1 ? ' each' : ''}. ${f.lost > 0 ? `The scissors take ${t.small(f.trimMm)} all round, ${t.num(f.lost * 100)} % of it. ` : ''}${f.buttonMm === null ? '' : `The tie comes inside. ${button}.`}${on}`
    };
  },
  hang: (a, f, t) => {
    const what = a.motif === null ? t.many(f.count, 'pompom', 'pompoms') : t.many(f.count, t.piece(a.motif), severalOf(t.piece(a.motif))); // prettier-ignore
    return {
      title: `Tie ${what} to the line`,
      detail: `The first ${t.len(a.firstMm)} from the end, then every ${t.len(a.spacingMm)}, middle to middle${a.dropMm > 0 ? `, hanging ${t.len(a.dropMm)} below the line` : ', close to the line'}. Cut ${t.many(f.count, 'thread', 'threads')} of ${t.cut(f.cutMm)} of ${t.yarn(a.yarn)}. The ends of the line stay, to tie it up with.`
    };
  },
  own: (_a, f, t) => ({
    title: f.text,
    detail:
      f.waitH === null
        ? ''
        : `Then it waits: ${t.many(f.waitH, 'hour', 'hours')}${f.waitH >= 8 && f.waitH < 24 ? ', overnight' : ''}.`
  })
};
