import type { Machine } from '../../kit';
import { choiceOption, type Operation, type Piece } from '../../plan';
import { begun, type Ring } from './tube';

/** How the crank goes for a panel. */
export const panelMode = choiceOption({ group: 'machines', choices: ['panel', 'tube-as-panel'] });
export type PanelMode = 'panel' | 'tube-as-panel';

/** Where the yarn stands once a panel is cast on, where a rag or this piece begins elsewhere (craft 1.6). */
export const startOption = choiceOption({ group: 'machines', choices: ['habit', 'high', 'low'] });

/** The ring with the yarn begun where this piece has it. */
export const startingAt = (ring: Ring, o: { readonly yarnAt: 'habit' | 'high' | 'low' }): Ring =>
  o.yarnAt === 'habit' ? ring : { ...ring, starts: o.yarnAt };

/** Stitches a panel can have on a ring: all but those PANEL mode loses; turned by hand none is lost (craft 1). */
export const usable = ({ machine, handPins }: Pick<Ring, 'machine' | 'handPins'>, mode: PanelMode): number =>
  mode === 'panel' ? machine.pins - machine.reach.start - machine.reach.end : handPins;

/** Pins of a panel of so many stitches, clear of what cannot be used, in the middle of the ring. */
export function pinsFor(machine: Machine, mode: PanelMode, stitches: number): { from: number; to: number } {
  const [first, last] =
    mode === 'panel' ? [1 + machine.reach.start, machine.pins - machine.reach.end] : [1, machine.pins];
  const from = first + Math.floor((last - first + 1 - stitches) / 2);
  return { from, to: from + stitches - 1 };
}

/** Where a panel lies on its ring. */
export interface PanelPlace {
  readonly mode: PanelMode;
  readonly place: 'middle' | 'first' | 'own';
  /** First pin where the knitter chooses it. */
  readonly firstPin: number;
}

/**
 * Pins a panel is cast on: in the middle of what the ring can use, from pin 1, or from a pin of the knitter's own. In
 * PANEL mode
 * the pins at either end of the ring lose their stitches; a width that is measured is cast on so much wider (craft 1).
 *
 * @param wish stitches of the cast-on where they are typed, of the fabric where they are measured
 * @example placedPins(ring, { mode: 'panel', place: 'first', firstPin: 1 }, 20, true) // { from: 1, to: 20 }: 18 are knitted
 */
export function placedPins(ring: Ring, o: PanelPlace, wish: number, typed: boolean): { from: number; to: number } {
  const { pins, reach } = ring.machine;
  if (o.place === 'middle') return pinsFor(ring.machine, o.mode, Math.min(wish, usable(ring, o.mode)));
  const lost = o.mode === 'panel' ? reach : { start: 0, end: 0 };
  const last = pins - lost.end;
  const from = o.place === 'first' ? 1 : Math.min(o.firstPin, last - 1);
  const low = Math.max(from, 1 + lost.start);
  const to = (typed ? from : low) + wish - 1;
  return { from, to: Math.max(low + 1, Math.min(typed ? pins : last, to)) };
}

/** Where a panel that may lose no stitch lies on its ring. */
interface KeptPlace {
  readonly mode: PanelMode;
  readonly place: 'middle' | 'low' | 'own';
  readonly firstPin: number;
}

/**
 * Pins of a panel that may lose no stitch: in the middle of what the ring can use, at its low end, or from a pin of the
 * knitter's own as far as it keeps clear of both ends.
 *
 * @example keptPins(machine, { mode: 'panel', place: 'low', firstPin: 1 }, 20) // { from: 3, to: 22 }
 */
export function keptPins(machine: Machine, o: KeptPlace, stitches: number): { from: number; to: number } {
  if (o.place === 'middle') return pinsFor(machine, o.mode, stitches);
  const first = o.mode === 'panel' ? 1 + machine.reach.start : 1;
  const last = o.mode === 'panel' ? machine.pins - machine.reach.end : machine.pins;
  const wish = o.place === 'low' ? first : o.firstPin;
  const from = Math.max(first, Math.min(wish, last - stitches + 1));
  return { from, to: from + stitches - 1 };
}

/** Stitches for a width, and what the ring gives of them. */
export function stitchesFor(ring: Ring, widthMm: number, mode: PanelMode, seams = 0) {
  const asked = Math.max(2, Math.round((widthMm / 10) * ring.gauge.wales.value) + seams);
  return { asked, given: Math.min(asked, usable(ring, mode)) };
}

/** A panel on pins of its own. There is no counter to set: it is blind here. */
export function panelPiece(
  ring: Ring,
  label: string,
  mode: PanelMode,
  pins: { from: number; to: number },
  operations: readonly Operation[],
  copies = 1
): Piece {
  return {
    label,
    machineId: ring.machine.id,
    copies,
    mode,
    ...pins,
    hole: ring.hole,
    operations: begun(ring, operations)
  };
}

/** Stitch that a seam takes from each of its two edges (common practice, no source). */
export const SEAM_STITCH = 1;
