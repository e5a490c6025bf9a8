import { limbFit, SLIPS_OFF } from '../body';
import { gaugeFor } from '../kit';
import { mainYarn } from '../read';
import { measureOption } from './options';
import type { Judge } from './readings';

/** A tube wider than what it covers slips off. */
export const slipsOff: Judge = {
  code: 'slips-off',
  watches: 'a tube wider than the limb or thing it is drawn over',
  find: (r) => {
    const { worn } = r.plan;
    const stretch = r.sizes.finished.find((f) => f.code === 'stretch')?.figure;
    if (worn?.form !== 'sleeve' || !stretch || stretch.value >= 100 * SLIPS_OFF) return [];
    const yarn = r.yarns[mainYarn(r.fabric.pieces[0]!)]!;
    const [other] = r.kit.machines
      .filter((m) => {
        const gauge = gaugeFor(r.kit, m, yarn, Math.min(r.plan.pieces[0]!.hole, m.tensionHoles));
        const fit = limbFit(worn.girthMm, { pins: m.pins, courses: gauge.courses.value, wales: gauge.wales.value });
        return m.id !== r.brief.machineId && fit.stretch >= 0;
      })
      .sort((a, b) => b.pins - a.pins);
    const option = measureOption(r, ['hand-girth', 'foot-girth', 'calf-girth', 'bottle-girth', 'chest']);
    return [
      {
        code: 'slips-off',
        weight: 'warn',
        place: { ...(option ? { option } : {}), piece: 0 },
        sentence: `It hangs loose: the tube is ${Math.round(-stretch.value)} % wider than the ${worn.over} and will slip.`,
        ...(other ? { fix: { label: `Knit it on ${other.name} (${other.pins} pins)`, change: { machineId: other.id } } } : {}) // prettier-ignore
      }
    ];
  }
};
