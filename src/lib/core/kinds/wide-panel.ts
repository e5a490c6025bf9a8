import * as z from 'zod/mini';
import { isLarge, machineOf, rulesOf } from '../kit';
import {
  type Act,
  cardMm,
  castOn,
  choiceOption,
  countOption,
  type Edge,
  knitRows,
  lengthOption,
  type Operation,
  widened,
  yarnOption
} from '../plan';
import type { Kind } from './kind';
import { panelMode, panelPiece, pinsFor, usable, startingAt, startOption } from './shared/panel';
import { promised, weave } from './shared/hands';
import { countedOption, measuredOnly, sizeByOption, WHAT } from './shared/options';
import { firstYarns, furthest } from './shared/pick';
import { ringOn, rowsFor, wantedRows } from './shared/tube';
import { wasteAway, type WasteChoice, wasteFor, wasteIfWished } from './shared/waste';

export const WidePanelOptions = z.object({
  sizeBy: sizeByOption(WHAT, 'measures', 'rows'),
  lengthMm: lengthOption({ group: WHAT, min: 40, max: 2000, start: 400, when: measuredOnly }),
  rows: countedOption({ counts: 'rows', group: WHAT, min: 4, max: 5000, start: 80 }),
  pins: countOption({ group: WHAT, min: 8, max: 196, start: 44 }), // prettier-ignore
  every: countOption({ group: WHAT, min: 2, max: 24, start: 6 }),
  columns: countOption({ group: WHAT, min: 1, max: 12, start: 6 }),
  groupsBy: choiceOption({ group: WHAT, choices: ['all', 'count', 'place'] }),
  groups: countOption({ group: WHAT, min: 1, max: 60, start: 3, when: { key: 'groupsBy', is: ['count', 'place'] } }),
  firstAfter: countOption({ group: WHAT, min: 1, max: 190, start: 6, when: { key: 'groupsBy', is: ['place'] } }),
  thicknessMm: lengthOption({ group: WHAT, min: 0, max: 20, start: 5, small: true }),
  mode: panelMode,
  yarnAt: startOption,
  yarn: yarnOption({ group: 'yarn' }),
  ...wasteIfWished
});

/** An end chained off along its loops. */
const chained = (edge: Edge, yarn: string): Act => ({ do: 'bind', name: edge === 'cast-on' ? 'edge-first' : 'edge-last', runs: [{ piece: 0, run: edge }], by: 'chain', yarn }); // prettier-ignore

/** A panel wider than the ring: floats laid round a card are latched up into columns afterwards. */
export const widePanel: Kind<typeof WidePanelOptions> = {
  code: 'wide-panel',
  family: 'panels',
  pins: { from: 20, to: 200, usual: 48 },
  options: WidePanelOptions,
  start: (kit, machineId) => {
    const machine = machineOf(kit, machineId);
    const reach = machine.reach.start + machine.reach.end;
    const pins = Math.max(8, Math.min(196, machine.pins - reach));
    return WidePanelOptions.parse({ yarn: firstYarns(kit).main, pins, ...(isLarge(machine) ? {} : { lengthMm: 200 }) });
  },
  draft: (kit, brief, o) => {
    const ring = startingAt(ringOn(kit, brief, o.yarn), o);
    const given = Math.max(2, Math.min(o.pins, usable(ring, o.mode)));
    const wide = widened(given, {
      every: o.every,
      columns: o.columns,
      ...(o.groupsBy === 'all' ? {} : { groups: o.groups }),
      ...(o.groupsBy === 'place' ? { firstAfter: o.firstAfter } : {}),
      first: rulesOf(kit).floatsNearEdge
    });
    const pins = pinsFor(ring.machine, o.mode, given);
    const rows = o.sizeBy === 'rows' ? o.rows : rowsFor(ring, o.lengthMm);
    const widthMm = (10 * wide.stitches) / ring.gauge.wales.value;
    const after = wide.after.map((pin) => pins.from + pin - 1);
    const waste = wasteFor(kit, o, o.yarn, o.yarn);
    const spare = (o as WasteChoice).spare;
    const threadYarn = spare?.waste ?? furthest(kit, [ring.yarn], spare?.without);
    // Both ends of every thread, so long that they can be knotted.
    const ends = 400 * (rulesOf(kit).threadPerGroup ? after.length + 1 : 1);
    const card: Operation[] =
      after.length > 0
        ? [{ op: 'float', after, columns: o.columns, cardMm: cardMm(o.columns, ring.gauge.loopMm, o.thicknessMm) }]
        : [];
    const acts: Act[] = [
      // Before any washing: the halves wait on their threads, every group is latched up, then all loops are chained
      // off.
      ...(after.length > 0 ? [{ do: 'latch', piece: 0 } as const] : []),
      ...(waste.yarn ? [chained('cast-on', o.yarn), ...wasteAway(0, 'cast-on', waste, o)] : []),
      chained('hung-off', o.yarn),
      ...wasteAway(0, 'hung-off', waste, o),
      { do: 'block', pieces: [0] },
      weave('woven', 0)
    ];
    return {
      plan: {
        title: brief.name,
        pieces: [
          panelPiece(ring, 'Wide panel', o.mode, pins, [
            // The cast-on of the work itself goes round the card too; waste before it does not.
            ...(waste.yarn ? [...waste.before, ...card] : [...card, castOn(o.yarn, 'e-wrap')]),
            knitRows('Wide panel', o.yarn, rows),
            ...(waste.yarn ? waste.after : [{ op: 'hangOff', style: 'thread', thread: threadYarn, threadMm: Math.round(widthMm + ends), doubled: false } as const]) // prettier-ignore
          ])
        ],
        acts,
        promises: [promised('panel', 0, { outline: { piece: 0, run: 'cast-on' } })],
        worn: { form: 'panels', rows: [[0]], body: null },
        wearer: 'thing',
        state: ring.gauge.state
      },
      notes: {
        narrowed: o.pins > given ? [{ piece: 0, asked: o.pins, given, option: 'pins' }] : [],
        unasked: { rows, groups: wide.after.length, firstAfter: wide.after[0] ?? 1 },
        clamped:
          o.groupsBy !== 'all' && wide.after.length < o.groups
            ? [{ piece: 0, option: 'groups', asked: o.groups, given: wide.after.length, of: 'groups', why: 'room' }]
            : [],
        wanted:
          o.sizeBy === 'rows'
            ? null
            : wantedRows((courses) => (o.lengthMm / 10) * courses, ring, {
                say: 'lengthOf',
                mm: o.lengthMm,
                of: 'panel'
              })
      }
    };
  }
};
