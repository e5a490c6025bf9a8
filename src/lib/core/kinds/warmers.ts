import * as z from 'zod/mini';
import { limbFit } from '../body';
import type { Kit } from '../kit';
import { type Act, type Brief, castOn, chainOff, choiceOption, countOption, type Draft, type Edge, knitRows, lengthOption, type Operation, type Piece, type RunName, switchOption, yarnOption, yarnOrNoneOption } from '../plan'; // prettier-ignore
import type { Kind } from './kind';
import { crochetEnd, EDGES, promised, rest, weave } from './shared/hands';
import { oneOrPair } from './shared/pair';
import { ENDS, wearerOption, WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { eitherWith, ownTails } from './shared/tails';
import { ringOn, tubePiece, wantedRows } from './shared/tube';
import { firstLoop, rowsBefore, type Waste, wasteAway, wasteFor, wasteNeeded } from './shared/waste';

const wrist = { key: 'limb', is: ['wrist'] } as const;
const leg = { key: 'limb', is: ['leg'] } as const;

export const WarmersOptions = z.object({
  wearer: wearerOption('adult', 'child', 'baby'),
  limb: choiceOption({ group: WHO, choices: ['wrist', 'leg'] }),
  handMm: lengthOption({ group: WHO, measure: 'hand-girth', min: 80, max: 350, start: 200, when: wrist }), // prettier-ignore
  calfMm: lengthOption({ group: WHO, measure: 'calf-girth', min: 100, max: 600, start: 370, when: leg }), // prettier-ignore
  lengthMm: lengthOption({ group: WHO, min: 40, max: 700, start: 160 }),
  pair: switchOption({ group: WHO, start: true }),
  edges: choiceOption({ group: ENDS, choices: ['crochet', 'doubled', 'chained'] }),
  ...eitherWith({ key: 'edges', is: ['crochet'] }),
  cuffRows: countOption({ group: ENDS, min: 4, max: 60, start: 10, when: { key: 'edges', is: ['doubled'] } }), // prettier-ignore
  yarn: yarnOption({ group: 'yarn' }),
  secondYarn: yarnOrNoneOption({ group: 'yarn', open: true, when: { key: 'pair', is: [true] } }), // prettier-ignore
  ...wasteNeeded
});
type WarmersOptions = z.output<typeof WarmersOptions>;

function draft(kit: Kit, brief: Brief, o: WarmersOptions): Draft {
  const girthMm = o.limb === 'wrist' ? o.handMm : o.calfMm;
  const label = o.limb === 'wrist' ? 'Wrist warmer' : 'Leg warmer';
  const ring = ringOn(kit, brief, o.yarn);
  const rowsAt = (courses: number): number =>
    ring.fewer * limbFit(girthMm, { ...ring.knitted, courses }).rowsFor(o.lengthMm);
  const rows = Math.max(4, Math.round(rowsAt(ring.gauge.courses.value)));
  const wastes: Waste[] = [];
  const make = (yarn: string, name: string, more: Partial<Piece>): Piece => {
    const own = ringOn(kit, brief, yarn);
    const waste = wasteFor(kit, o, yarn, yarn);
    wastes.push(waste);
    const body = knitRows(label, yarn, rows);
    const operations: Record<WarmersOptions['edges'], () => Operation[]> = {
      crochet: () => [...waste.before, body, ...waste.after],
      doubled: () => {
        const cuff = Math.min(o.cuffRows, rows);
        return [
          ...waste.before,
          knitRows('Doubled edge', yarn, cuff),
          { op: 'rehang', row: rowsBefore(waste) + 1 },
          knitRows(label, yarn, Math.max(1, Math.round(rows - cuff / 2))),
          chainOff(yarn, own.girthMm)
        ];
      },
      chained: () => [castOn(yarn, 'e-wrap'), body, chainOff(yarn, own.girthMm)]
    };
    return tubePiece(kit, own, name, operations[o.edges](), more);
  };
  const own = ownTails(kit, o);
  const pieces = oneOrPair(o.pair, o.yarn, o.secondYarn, label, make);
  const acts = pieces.flatMap((_, p): Act[] => {
    const yarn = p === 0 ? o.yarn : (o.secondYarn ?? o.yarn);
    const waste = wastes[p]!;
    const edge = (which: Edge): Act[] => [crochetEnd(p, which, yarn, own(which)), ...wasteAway(p, which, waste, o)];
    return [
      ...(o.edges === 'crochet' ? EDGES.flatMap(edge) : []),
      ...(o.edges === 'doubled' ? [...wasteAway(p, 'cast-on', waste, o), ...firstLoop(p, 'cast-on', waste)] : []),
      weave('woven', p)
    ];
  });
  const lower: RunName = o.edges === 'doubled' ? 'fold' : 'cast-on';
  return {
    plan: {
      title: brief.name,
      pieces,
      acts: [rest(...pieces.map((_, p) => p)), ...acts],
      promises: pieces.map((_, p) =>
        promised('warmer', p, { lower: { piece: p, run: lower }, upper: { piece: p, run: 'hung-off' } })
      ),
      worn: { form: 'sleeve', over: o.limb === 'wrist' ? 'hand' : 'calf', girthMm, closed: 'no', straps: 0 },
      wearer: o.wearer,
      state: ring.gauge.state
    },
    notes: {
      clamped: o.edges === 'doubled' && o.cuffRows > rows ? [{ piece: 0, option: 'cuffRows', asked: o.cuffRows, given: rows, of: 'rows', why: 'room' }] : [], // prettier-ignore
      wanted: wantedRows(rowsAt, ring, { say: 'along', mm: o.lengthMm, girthMm, chest: false })
    }
  };
}

/** Tubes for wrists or legs. */
export const warmers: Kind<typeof WarmersOptions> = {
  code: 'warmers',
  family: 'wear',
  pins: { from: 18, to: 60, usual: 22 },
  options: WarmersOptions,
  start: (kit, machineId) => {
    const large = (kit.machines.find((m) => m.id === machineId)?.pins ?? 0) >= 36;
    const { main } = firstYarns(kit);
    return WarmersOptions.parse({ yarn: main, ...(large ? { limb: 'leg', calfMm: 370, lengthMm: 320 } : {}) });
  },
  draft
};
