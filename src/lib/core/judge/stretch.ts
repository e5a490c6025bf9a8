import { headFit, limbFit, reachOver, SNUG_STRETCH, TIGHT_STRETCH } from '../body';
import { gaugeFor, type Machine, machineOf, ringMm } from '../kit';
import type { Fix } from '../plan';
import { showLength } from '../quantity';
import { mainYarn } from '../read';
import { measureOption } from './options';
import type { Judge, Readings } from './readings';

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

/** Another machine of the kit on which the same girth is snug, the smallest that is. */
function roomierMachine(r: Readings, over: Over): Fix | undefined {
  const yarn = r.yarns[mainYarn(r.fabric.pieces[0]!)]!;
  const stretchOn = (m: Machine): number => {
    const gauge = gaugeFor(r.kit, m, yarn, Math.min(r.plan.pieces[0]!.hole, m.tensionHoles));
    const knitted = { pins: m.pins, courses: gauge.courses.value, wales: gauge.wales.value };
    return over.head ? headFit(over.girthMm, knitted).stretch : limbFit(over.girthMm, knitted).stretch;
  };
  const [machine] = r.kit.machines
    .filter((m) => m.id !== r.brief.machineId && stretchOn(m) <= SNUG_STRETCH)
    .sort((a, b) => a.pins - b.pins);
  return machine && { label: `Knit it on ${machine.name} (${machine.pins} pins)`, change: { machineId: machine.id } };
}

/** A stitch can only be pulled so wide. */
export const stretch: Judge = {
  code: 'stretch',
  watches: 'more stretch over a head, limb or body than the fabric gives',
  find: (r) => {
    const over = overOf(r);
    const stretched = r.sizes.finished.find((f) => f.code === 'stretch')?.figure;
    if (!over || !stretched || stretched.value <= 100 * SNUG_STRETCH) return [];
    const fix = roomierMachine(r, over);
    const percent = `${Math.round(stretched.value)} %`;
    const ring = ringMm(machineOf(r.kit, r.plan.pieces[0]!.machineId));
    const reach = reachOver(over.girthMm, r.sizes.pieces[0]!.girthMm.value, ring);
    if (reach === 'snug') return [];
    const option = measureOption(r, GIRTHS);
    const { units } = r.kit.habits;
    const said = {
      tight: `Tight: ${percent} of stretch at the ${over.what}; up to ${100 * SNUG_STRETCH} % is snug.`,
      'very-tight': `Very tight: ${percent} of stretch at the ${over.what}, more than ${100 * TIGHT_STRETCH} %. It goes on: the ring it hung on is ${showLength(ring, units)} round.`,
      never: `It will not go on: the ${over.what} is ${showLength(over.girthMm, units)} round, the ring the tube hung on only ${showLength(ring, units)}.`
    };
    return [
      {
        code: ({ tight: 'stretch-high', 'very-tight': 'stretch-very-high', never: 'stretch-too-high' } as const)[reach],
        weight: ({ tight: 'note', 'very-tight': 'warn', never: 'stop' } as const)[reach],
        place: { ...(option ? { option } : {}), piece: 0 },
        sentence: said[reach],
        ...(fix ? { fix } : {})
      }
    ];
  }
};
