import { kindOf } from '../kinds';
import { machineOf } from '../kit';
import type { Judge } from './readings';

/** A ring that practice does not take for this kind. */
export const wrongRing: Judge = {
  code: 'wrong-ring',
  watches: 'a machine with too few or too many pins for the kind',
  find: (r) => {
    const kind = kindOf(r.brief.kind);
    if (!kind || r.plan.pieces.length === 0) return [];
    const machine = machineOf(r.kit, r.brief.machineId);
    const { from, to } = kind.pins;
    if (machine.pins >= from && machine.pins <= to) return [];
    const [other] = r.kit.machines
      .filter((m) => m.pins >= from && m.pins <= to)
      .sort((a, b) => Math.abs(a.pins - machine.pins) - Math.abs(b.pins - machine.pins));
    const small = machine.pins < from;
    return [
      {
        code: 'wrong-ring',
        weight: 'warn',
        place: {},
        sentence: `${machine.name} has ${machine.pins} pins; a ${kind.title.toLowerCase()} is made on ${from} to ${to}${small ? ', it comes out very small' : ', it comes out very wide'}.${other ? '' : ' No other machine here is nearer.'}`,
        ...(other ? { fix: { label: `Knit it on ${other.name} (${other.pins} pins)`, change: { machineId: other.id } } } : {}) // prettier-ignore
      }
    ];
  }
};
