import { kindOf } from '../kinds';
import { machineOf } from '../kit';
import { finder } from '../plan';
import type { Judge } from './readings';
import { machinesWith } from './remedies';

/** Facts of a ring that practice does not take for the kind. */
export interface WrongRingFacts {
  'wrong-ring': { machine: string; pins: number; kind: string; from: number; to: number; others: boolean };
}
const find = finder<WrongRingFacts>();

/** A ring that practice does not take for this kind. */
export const wrongRing: Judge = {
  code: 'wrong-ring',
  watches: 'a machine with too few or too many pins for the kind',
  find: (r) => {
    const kind = kindOf(r.brief.kind);
    if (!kind || r.plan.pieces.length === 0) return [];
    const { id, pins } = machineOf(r.kit, r.brief.machineId);
    const { from, to } = kind.pins;
    if (pins >= from && pins <= to) return [];
    const others = machinesWith(r, (m) => m.pins >= from && m.pins <= to);
    const nearest = pins > to ? others.reverse() : others;
    return [find('wrong-ring', 'warn', {}, { machine: id, pins, kind: kind.code, from, to, others: others.length > 0 }, ...nearest)]; // prettier-ignore
  }
};
