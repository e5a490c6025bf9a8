import { type Kit, type Machine, ringMm, usualHole, type Yarn } from '../kit';
import { type Brief, castOn, drawstring, knitRows, type Plan } from '../plan';
import { make, type Made } from '../hand';
import { execute } from '../knit';

/** A plain tube as a brief and its program: cast on, knit, hang off onto its own tail. */
function plainTube(machine: Machine, yarn: Yarn, rows: number): { brief: Brief; plan: Plan } {
  const strands = { [yarn.id]: yarn.strands };
  const brief: Brief = {
    kind: 'tube',
    name: 'Tube',
    machineId: machine.id,
    hole: null,
    fingers: 'usual',
    strands,
    pompom: null,
    colours: [],
    patches: [],
    ownSteps: [],
    ownPlaces: {},
    options: {}
  };
  const piece = {
    label: 'Tube',
    machineId: machine.id,
    copies: 1,
    mode: 'tube' as const,
    from: 1,
    to: machine.pins,
    hole: usualHole(machine, yarn),
    operations: [castOn(yarn.id), knitRows('Tube', yarn.id, rows), drawstring(yarn.id, ringMm(machine))]
  };
  return {
    brief,
    plan: {
      title: 'Tube',
      pieces: [piece],
      acts: [],
      promises: [],
      worn: null,
      wearer: 'thing',
      state: 'rested'
    }
  };
}

/** A plain tube knitted, ready to be read. The yarn need not be in the kit. */
export function knitTube(kit: Kit, machine: Machine, yarn: Yarn, rows: number): Made {
  const { brief, plan } = plainTube(machine, yarn, rows);
  return make(execute({ ...kit, yarns: [yarn, ...kit.yarns.filter((y) => y.id !== yarn.id)] }, brief, plan));
}
