import { linedHat } from '$lib/core/kinds/lined-hat';
import { Kit, Machine, Yarn } from '$lib/core/kit';
import { Brief } from '$lib/core/plan';
import { plan, type Result } from '$lib/core/tomble';

/** A medium yarn of class 4: 200 m to 100 g, 500 tex, the yarn of the handbook's common practice. */
export function medium(id: string, hex: string, more: object = {}): Yarn {
  return Yarn.parse({
    id,
    name: `Yarn ${id}`,
    weightClass: 4,
    label: { metres: 200, grams: 100 },
    colour: { name: id, hex },
    ...more
  });
}

/** 48 pins, two medium yarns, nothing measured. */
export function sampleKit(more: { machine?: object; yarns?: Yarn[]; swatches?: unknown[]; habits?: object } = {}): Kit {
  return Kit.parse({
    machines: [Machine.parse({ id: 'm', name: 'Wheel', pins: 48, ...more.machine })],
    yarns: more.yarns ?? [medium('red', '#b03020'), medium('blue', '#205080')],
    swatches: more.swatches ?? [],
    habits: more.habits ?? {}
  });
}

/** A hat on that kit with some options changed. */
export function hat(options: object = {}, kit: Kit = sampleKit(), more: object = {}): Result {
  const start = linedHat.start(kit, kit.machines[0]!.id);
  return plan(
    kit,
    Brief.parse({
      kind: 'lined-hat',
      name: 'Hat',
      machineId: kit.machines[0]!.id,
      options: { ...start, ...options },
      ...more
    })
  );
}

/** The codes of its findings. */
export const codes = (result: Result): string[] => result.findings.map((finding) => finding.code);
