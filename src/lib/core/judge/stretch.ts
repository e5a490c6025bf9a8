import { pieceAt } from '../knit';
import { reachOver, SLIPS_OFF, SNUG_STRETCH } from '../body';
import { machineOf, ringMm } from '../kit';
import { finder } from '../plan';
import { machinesWith, stretchOn } from './remedies';
import { measureOption } from './options';
import type { Judge, Readings } from './readings';

interface Stretched {
  /** Percent. */
  readonly percent: number;
  readonly over: string;
  readonly girthMm: number;
  readonly ringMm: number;
}

/** Facts of what is told of a girth that a tube is drawn over. */
export interface StretchFacts {
  'stretch-high': Stretched;
  'stretch-very-high': Stretched;
  'stretch-too-high': Stretched;
}
const find = finder<StretchFacts>();

/** What has a girth that a tube must go over, and the measures it is asked by. */
interface Over {
  readonly girthMm: number;
  readonly what: string;
  readonly head: boolean;
}

function overOf(r: Readings): Over | null {
  const { worn } = r.plan;
  if (worn?.form === 'lined-hat' || worn?.form === 'ear-hat' || worn?.form === 'brim-hat') {
    return { girthMm: worn.headMm, what: 'brow', head: true };
  }
  return worn?.form === 'sleeve' ? { girthMm: worn.girthMm, what: worn.over, head: false } : null;
}

const GIRTHS = ['head', 'hand-girth', 'foot-girth', 'calf-girth', 'upper-arm', 'chest', 'bottle-girth'];

const CODES = { tight: 'stretch-high', 'very-tight': 'stretch-very-high', never: 'stretch-too-high' } as const;
const WEIGHTS = { tight: 'note', 'very-tight': 'warn', never: 'stop' } as const;

/** A stitch can only be pulled so wide. */
export const stretch: Judge = {
  code: 'stretch',
  watches: 'more stretch over a head, limb or body than the fabric gives',
  find: (r) => {
    const over = overOf(r);
    const stretched = r.sizes.finished.find((f) => f.code === 'stretch')?.figure;
    if (!over || !stretched || stretched.value <= 100 * SNUG_STRETCH) return [];
    const ring = ringMm(machineOf(r.kit, pieceAt(r, 0).planned.machineId));
    const reach = reachOver(over.girthMm, r.sizes.pieces[0]!.girthMm.value, ring);
    if (reach === 'snug') return [];
    const option = measureOption(r, GIRTHS);
    const on = stretchOn(r, over.girthMm, over.head);
    // The smallest ring on which the same girth is snug and does not slip; failing that the one that is stretched least.
    const others = machinesWith(r, (m) => on(m) >= SLIPS_OFF && on(m) < stretched.value / 100);
    const snug = others.filter((fix) => on(machineOf(r.kit, fix.change.machineId!)) <= SNUG_STRETCH);
    return [
      find(
        CODES[reach],
        WEIGHTS[reach],
        { ...(option ? { option } : {}), piece: 0 },
        { percent: stretched.value, over: over.what, girthMm: over.girthMm, ringMm: ring },
        ...snug,
        ...others.filter((fix) => !snug.includes(fix)).reverse()
      )
    ];
  }
};
