import { kindOf } from '$lib/core/kinds';
import { Kit, Machine, Yarn } from '$lib/core/kit';
import { Brief } from '$lib/core/plan';
import { plan, type Result } from '$lib/core/tomble';

/** A medium yarn of class 4: 200 m to 100 g, 500 tex, the yarn of common practice (craft 5.3). */
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

/** A project of a kind on that kit with some options changed. */
export function made(kind: string, options: object = {}, kit: Kit = sampleKit(), more: object = {}): Result {
  const machineId = kit.machines[0]!.id;
  const start = kindOf(kind)!.start(kit, machineId);
  return plan(kit, Brief.parse({ kind, name: 'Project', machineId, options: { ...start, ...options }, ...more }));
}

/** A hat on that kit with some options changed. */
export const hat = (options: object = {}, kit: Kit = sampleKit(), more: object = {}): Result =>
  made('lined-hat', options, kit, { name: 'Hat', ...more });

/** The codes of its findings. */
export const codes = (result: Result): string[] => result.findings.map((finding) => finding.code);
