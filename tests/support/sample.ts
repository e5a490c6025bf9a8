import { kindOf } from '$lib/core/kinds';
import { Kit, Machine, Yarn } from '$lib/core/kit';
import { Brief } from '$lib/core/plan';
import { judged, plan, read, type Result, tryPlan } from '$lib/core/tomble';

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

/** What a sound brief plans to; null where it asks for more than is ever knitted, which is the one thing it may be refused for. */
export function planned(kit: Kit, brief: Brief): Result | null {
  const made = tryPlan(kit, brief);
  if (made.ok) return made.value;
  const other = made.faults.find((fault) => fault.code !== 'too-large');
  if (other) throw new RangeError(`${other.path}: ${other.code}`);
  return null;
}

/** A scarf whose pin 12 is dropped at the machine before it is hung off; no kind asks for it, the language has it. */
export function withLadder(): Result {
  const { kit, brief, plan: whole, notes } = made('scarf', { style: 'plain', ends: 'drawn' });
  const [piece] = whole.pieces;
  const operations = [
    ...piece!.operations.slice(0, -1),
    { op: 'ladder', pins: [12] } as const,
    piece!.operations.at(-1)!
  ];
  return judged(read(kit, brief, { plan: { ...whole, pieces: [{ ...piece!, operations }] }, notes }));
}

/** A hat on that kit with some options changed. */
export const hat = (options: object = {}, kit: Kit = sampleKit(), more: object = {}): Result =>
  made('lined-hat', options, kit, { name: 'Hat', ...more });

/** The codes of its findings. */
export const codes = (result: Result): string[] => result.findings.map((finding) => finding.code);
