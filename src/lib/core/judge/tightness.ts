import { heldTex, isLarge, machineOf, NET_BELOW, strandTex, STRUGGLE_ABOVE, tightness as factor } from '../kit';
import type { Finding } from '../plan';
import { workRows } from '../read';
import { yarnOption } from './options';
import type { Judge, Readings } from './readings';

/** Strands at which the yarn sits well on the hooks, if any number up to three does. */
function betterStrands(r: Readings, p: number, index: number): Finding['fix'] {
  const yarn = r.yarns[index]!;
  const { loopMm } = r.gauges[p]![index]!;
  for (const strands of [1, 2, 3]) {
    const k = factor(strandTex(yarn) * strands, loopMm);
    if (strands === yarn.strands || k < NET_BELOW || k > STRUGGLE_ABOVE) continue;
    const label = strands === 1 ? 'Knit one strand' : `Knit ${strands} strands together`;
    return { label, change: { strands: { ...r.brief.strands, [yarn.id]: strands } } };
  }
  return undefined;
}

/** Yarn too thick or too thin for the hooks. */
export const tightness: Judge = {
  code: 'tightness',
  watches: 'yarn too thick or too thin for the machine',
  find: (r) => {
    // Each yarn once, on the first piece it knits.
    const knitted = new Map<number, number>();
    r.fabric.pieces.forEach((piece, p) => {
      for (const yarn of workRows(piece).keys()) if (!knitted.has(yarn)) knitted.set(yarn, p);
    });
    return [...knitted].flatMap(([i, p]): Finding[] => {
      const yarn = r.yarns[i]!;
      const k = factor(heldTex(yarn), r.gauges[p]![i]!.loopMm);
      if (k >= NET_BELOW && k <= STRUGGLE_ABOVE) return [];
      const thick = k > STRUGGLE_ABOVE;
      const fix = betterStrands(r, p, i);
      const option = yarnOption(r, yarn.id);
      const machine = machineOf(r.kit, r.plan.pieces[p]!.machineId);
      const what = `${yarn.name} (${Math.round(heldTex(yarn))} tex${yarn.strands > 1 ? `, ${yarn.strands} strands` : ''})`;
      const ring = isLarge(machine) ? 'these hooks' : 'this small ring';
      return [
        {
          code: thick ? 'yarn-thick' : 'yarn-thin',
          weight: 'warn',
          place: option ? { option } : {},
          sentence: thick
            ? `${what} is too thick for ${ring}: tightness ${k.toFixed(1)}, above ${STRUGGLE_ABOVE} the hooks struggle.`
            : `${what} is too thin for ${ring}: tightness ${k.toFixed(1)}, below ${NET_BELOW} the fabric is a net.`,
          ...(fix ? { fix } : {})
        }
      ];
    });
  }
};
