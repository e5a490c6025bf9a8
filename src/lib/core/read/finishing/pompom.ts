import { pompomMm, pompomYarnMm } from '../../body';
import type { Finish } from '../../plan';
import { showRun } from '../../quantity';
import type { SketchLine } from '../sketch';
import { hairline, sheet, sketchOf } from './pictures';
import type { Procedure } from './procedure';

/** Length of a card to the width of 7.5 cm (handbook section 7: about 10 x 7.5 cm). */
const CARD_LENGTH = 100 / 75;

/** Wound on a card, tied, cut, trimmed. */
export const pompom: Procedure<Extract<Finish, { do: 'pompom' }>> = {
  words: (f, at) => ({
    title:
      f.on === 'alone'
        ? `Wind, tie, cut and trim ${f.count === 1 ? 'the pompom' : `${f.count} pompoms`}`
        : f.count === 1
          ? 'Make the pompom and tie or button it on'
          : `Make ${f.count} pompoms and tie or button them on`,
    detail: `${f.wraps} wraps round a card of ${at.len(f.cardMm * CARD_LENGTH)} x ${at.len(f.cardMm)} in ${at.yarn(f.yarn)}, tied in the middle with a strong thread, cut at both edges, trimmed to a ball of ${at.len(pompomMm(f.cardMm))}: ${showRun(pompomYarnMm(f.wraps, f.cardMm) / 1000, at.units)}${f.count > 1 ? ' each' : ''}.${f.on === 'piece' ? ' Removable, because it does not wash well.' : ''}`,
    minutes: 6 * f.count
  }),
  sketch: (f, at) => {
    const [w, h] = [f.cardMm * CARD_LENGTH, f.cardMm];
    const drawn = Math.min(f.wraps, 26);
    const yarn = at.run.fabric.yarns.indexOf(f.yarn);
    const wraps = Array.from({ length: drawn }, (_, i): SketchLine => {
      const x = w * 0.2 + (w * 0.6 * i) / Math.max(1, drawn - 1);
      return { points: [[x, -3], [x, h + 3]], yarn, thickMm: 2.4 }; // prettier-ignore
    });
    return sketchOf(`${f.wraps} wraps round the card, tied across the middle`, {
      shapes: [sheet(0, 0, w, h, 'Card', 0.8)],
      lines: [...wraps, hairline([[w * 0.14, h / 2], [w * 0.86, h / 2]], { strong: true, title: 'Tied here' })], // prettier-ignore
      labels: [
        { at: [w / 2, h + 20], text: `${f.wraps} wraps`, anchor: 'middle' },
        { at: [w + 8, h / 2 + 4], text: at.len(h), anchor: 'start' }
      ]
    });
  }
};
