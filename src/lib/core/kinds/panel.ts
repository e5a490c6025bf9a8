import * as z from 'zod/mini';
import {
  type Act,
  castOn,
  chainOff,
  choiceOption,
  countOption,
  type Draft,
  type Edge,
  lengthOption,
  type Operation,
  shapedRows,
  slopeOption,
  yarnAfter,
  yarnOption
} from '../plan';
import type { Kind } from './kind';
import { reachOf } from '../knit';
import { panelMode, panelPiece, placedPins, stitchesFor, startingAt, startOption } from './shared/panel';
import { crochetEnd, promised, weave } from './shared/hands';
import { countedOption, ENDS, flatSizeOption, measuredOnly, WHAT } from './shared/options';
import { firstYarns } from './shared/pick';
import { begun, ringOn, rowsFor, wantedRows } from './shared/tube';
import { type EdgeChoice, taperOf } from './shared/taper';
import { wasteAway, wasteFor, wasteIfWished } from './shared/waste';

const shaped = { key: 'taper', is: ['both', 'low', 'high'] } as const;
const bothShaped = { key: 'taper', is: ['both'] } as const;
const ownEdges = { key: 'twoEdges', is: ['own'], and: bothShaped } as const;

/** How an edge narrows. */
const METHODS = ['full-fashioned', 'two-edge', 'double', 'simple', 'held'] as const;

export const PanelOptions = z.object({
  sizeBy: flatSizeOption,
  widthMm: lengthOption({ group: WHAT, min: 20, max: 1200, start: 250, when: measuredOnly }),
  lengthMm: lengthOption({ group: WHAT, min: 20, max: 3000, start: 400, when: measuredOnly }),
  stitches: countedOption({ counts: 'stitches', group: WHAT, min: 2, max: 200, start: 34 }),
  rows: countedOption({ counts: 'rows', group: WHAT, min: 2, max: 5000, start: 80 }),
  taper: choiceOption({ group: WHAT, choices: ['none', 'both', 'low', 'high'] }),
  topMm: lengthOption({ group: WHAT, min: 10, max: 1200, start: 120, when: { ...measuredOnly, and: shaped } }), // prettier-ignore
  topStitches: countedOption({ counts: 'stitches', group: WHAT, min: 2, max: 200, start: 16, and: shaped }),
  method: choiceOption({
    group: WHAT,
    choices: METHODS,
    when: shaped
  }),
  step: countOption({ group: WHAT, min: 1, max: 12, start: 3, when: { key: 'method', is: ['held'] } }),
  slope: slopeOption({ group: WHAT, when: shaped }),
  twoEdges: choiceOption({ group: WHAT, choices: ['alike', 'own'], when: bothShaped }),
  methodHigh: choiceOption({
    group: WHAT,
    choices: METHODS,
    when: ownEdges
  }),
  stepHigh: countOption({
    group: WHAT,
    min: 1,
    max: 12,
    start: 3,
    when: { key: 'methodHigh', is: ['held'], and: ownEdges }
  }),
  slopeHigh: slopeOption({ group: WHAT, when: ownEdges }),
  mode: panelMode,
  place: choiceOption({ group: 'machines', choices: ['middle', 'first', 'own'] }),
  firstPin: countOption({ group: 'machines', min: 1, max: 199, start: 3, when: { key: 'place', is: ['own'] } }),
  yarnAt: startOption,
  castOn: choiceOption({ group: ENDS, choices: ['e-wrap', 'weave', 'waste'] }),
  off: choiceOption({ group: ENDS, choices: ['chain', 'waste', 'thread'] }),
  yarn: yarnOption({ group: 'yarn' }),
  ...wasteIfWished
});

/** One flat piece, straight or narrowed at its edges. */
export const panel: Kind<typeof PanelOptions> = {
  code: 'panel',
  family: 'panels',
  pins: { from: 16, to: 200, usual: 48 },
  options: PanelOptions,
  start: (kit) => PanelOptions.parse({ yarn: firstYarns(kit).main, waste: 'few' }),
  draft: (kit, brief, o): Draft => {
    const ring = startingAt(ringOn(kit, brief, o.yarn), o);
    const own = o.sizeBy === 'rows';
    const wish = own ? o.stitches : stitchesFor(ring, o.widthMm, o.mode).asked;
    const pins = placedPins(ring, o, wish, own);
    const given = reachOf(ring.machine, o.mode, pins.from, pins.to).width;
    // Typed stitches are those of the cast-on: what PANEL mode loses at an end of the ring is no want of pins.
    const asked = own ? Math.max(0, o.stitches - (pins.to - pins.from + 1)) + given : wish;
    const rows = own ? o.rows : rowsFor(ring, o.lengthMm);
    const waste = wasteFor(kit, { ...o, waste: o.waste === 'none' ? 'few' : o.waste }, o.yarn, o.yarn);
    const before = begun(ring, o.castOn === 'waste' ? waste.before : [castOn(o.yarn, o.castOn)]);
    const begins = yarnAfter(before);
    const edge: EdgeChoice = { method: o.method, step: o.step, slope: o.slope };
    const apart = o.taper === 'both' && o.twoEdges === 'own';
    const edges = { low: edge, high: apart ? { method: o.methodHigh, step: o.stepHigh, slope: o.slopeHigh } : edge };
    const { events, left, shaping } = taperOf(
      { ...o, edges, topStitches: own ? o.topStitches : null },
      ring,
      given,
      rows,
      begins
    );
    const topEdge = (10 * left) / ring.gauge.wales.value;
    const off: readonly Operation[] =
      o.off === 'chain'
        ? [chainOff(o.yarn, topEdge)]
        : o.off === 'waste'
          ? waste.after
          : [{ op: 'hangOff', style: 'thread', thread: waste.yarn ?? o.yarn, threadMm: Math.round(topEdge + 200), doubled: false }]; // prettier-ignore
    const low = { piece: 0, run: 'cast-on' } as const;
    // Stitches that wait on a thread at an edge are chained off.
    const held = (['low', 'high'] as const).flatMap((side): Act[] =>
      events.some(({ op }) => op.op === 'hold' && op.side === side)
        ? [{ do: 'bind', name: `held-${side}`, runs: [{ piece: 0, run: 'held', side }], by: 'chain', yarn: o.yarn }]
        : []
    );
    const crochet = (edge: Edge): Act[] => [crochetEnd(0, edge, o.yarn), ...(edge === 'cast-on' || o.off === 'waste' ? wasteAway(0, edge, waste, o) : [])]; // prettier-ignore
    const acts: Act[] = [
      { do: 'block', pieces: [0] },
      ...held,
      // One crochet stitch through every live loop of the work, then the waste comes off: no edge is left live.
      ...(o.castOn === 'waste' ? crochet('cast-on') : []),
      ...(o.off === 'chain' ? [] : crochet('hung-off')),
      weave('woven', 0)
    ];
    return {
      plan: {
        title: brief.name,
        pieces: [
          panelPiece(ring, 'Panel', o.mode, pins, [
            ...before,
            ...shapedRows('Panel', o.yarn, rows, events, begins),
            ...off
          ])
        ],
        acts,
        promises: [promised('panel', 0, { outline: low })],
        worn: { form: 'panels', rows: [[0]], body: null },
        wearer: 'thing',
        state: ring.gauge.state
      },
      notes: {
        shaping,
        narrowed: asked > given ? [{ piece: 0, asked, given, option: own ? 'stitches' : 'widthMm' }] : [],
        unasked: { stitches: pins.to - pins.from + 1, rows, topStitches: left },
        wanted: own
          ? null
          : wantedRows((courses) => (o.lengthMm / 10) * courses, ring, { say: 'lengthOf', mm: o.lengthMm, of: 'panel' })
      }
    };
  }
};
