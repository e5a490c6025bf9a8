import { showLength } from '../quantity';
import type { Finding } from '../plan';
import { beside } from './options';
import type { Judge } from './readings';

/** Room for the lips above a wrap (own estimate, no source). */
const LIPS_MM = 5;

/** Wraps for hot things: do they fit, and the caution that goes with them. */
export const mug: Judge = {
  code: 'mug',
  watches: 'a mug wrap taller than its mug, and the care with hot things',
  find: (r) => {
    const { worn } = r.plan;
    const over = worn?.form === 'ring' || worn?.form === 'sleeve' ? worn.over : '';
    if (over !== 'mug' && over !== 'bottle') return [];
    const height = r.brief.options['heightMm'];
    const [piece] = r.sizes.pieces;
    const found: Finding[] = [];
    if (over === 'mug' && typeof height === 'number' && piece && piece.flatWidthMm.value > height - LIPS_MM) {
      const { units } = r.kit.habits;
      // The largest ring whose wrap stays below the rim: its height goes with its pins.
      const each = piece.flatWidthMm.value / r.fabric.pieces[0]!.width;
      const [small] = r.kit.machines
        .filter((m) => m.pins < r.fabric.pieces[0]!.width && m.pins * each <= height - LIPS_MM)
        .sort((a, b) => b.pins - a.pins);
      found.push({
        code: 'mug-height',
        weight: 'warn',
        place: beside(r, 'heightMm', { piece: 0 }),
        sentence: `The wrap is ${showLength(piece.flatWidthMm.value, units)} tall, the mug ${showLength(height, units)}: it covers the rim.`,
        ...(small ? { fix: { label: `Knit it on ${small.name} (${small.pins} pins)`, change: { machineId: small.id } } } : {}) // prettier-ignore
      });
    }
    found.push({
      code: 'hot-care',
      weight: 'note',
      place: {},
      sentence: `Hot drinks: the ${over === 'mug' ? 'handle stays free and the bottom bare' : 'top stays free'}, so that it stands firm; wet wool passes the heat on, and nothing knitted goes near a flame.`
    });
    return found;
  }
};
