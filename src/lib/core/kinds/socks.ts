import * as z from 'zod/mini';
import { limbFit } from '../body';
import type { Kit } from '../kit';
import {
  type Act,
  type Brief,
  castOn,
  choiceOption,
  countOption,
  type Draft,
  knitRows,
  lengthOption,
  type Piece,
  type RunRef,
  switchOption,
  yarnOption,
  yarnOrNoneOption
} from '../plan';
import type { Kind } from './kind';
import { crochetEnd, onPurlSide, promised, rest, weave } from './shared/hands';
import { oneOrPair } from './shared/pair';
import { ENDS, wearerOption, WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { firstWith, lastWith, ownTails } from './shared/tails';
import { ringOn, tubePiece, wantedRows } from './shared/tube';
import { type Waste, wasteAway, wasteFor, wasteNeeded } from './shared/waste';

export const SocksOptions = z.object({
  wearer: wearerOption('adult', 'child', 'baby'),
  footMm: lengthOption({ group: WHO, measure: 'foot-length', min: 60, max: 350, start: 230 }), // prettier-ignore
  footGirthMm: lengthOption({ group: WHO, measure: 'foot-girth', min: 80, max: 350, start: 210 }), // prettier-ignore
  cuffMm: lengthOption({ group: WHO, min: 0, max: 400, start: 120 }),
  pair: switchOption({ group: WHO, start: true }),
  yarn: yarnOption({ group: 'yarn' }), // prettier-ignore
  cuffYarn: yarnOrNoneOption({ group: 'yarn', open: true }),
  secondYarn: yarnOrNoneOption({ group: 'yarn', open: true, when: { key: 'pair', is: [true] } }), // prettier-ignore
  toe: choiceOption({ group: ENDS, school: true, choices: ['flat', 'drawn'] }),
  ...firstWith({ key: 'toe', is: ['flat'] }),
  ...lastWith({ key: 'cuffYarn', is: [null] }),
  cuffRounds: countOption({ group: ENDS, min: 1, max: 2, start: 1 }),
  ...wasteNeeded
});
type SocksOptions = z.output<typeof SocksOptions>;

function draft(kit: Kit, brief: Brief, o: SocksOptions): Draft {
  const ring = ringOn(kit, brief, o.yarn);
  const fitAt = (courses: number) => limbFit(o.footGirthMm, { ...ring.knitted, courses });
  const courses = ring.gauge.courses.value;
  const foot = Math.max(2, Math.round(ring.fewer * fitAt(courses).rowsFor(o.footMm)));
  const cuff = Math.round(ring.fewer * fitAt(courses).rowsFor(o.cuffMm));
  const wastes: Waste[] = [];
  const make = (yarn: string, label: string, more: Partial<Piece>): Piece => {
    const waste = wasteFor(kit, o, yarn, yarn);
    wastes.push(waste);
    return tubePiece(
      kit,
      ringOn(kit, brief, yarn),
      label,
      [castOn(yarn), knitRows('Foot', yarn, foot), ...(cuff > 0 ? [knitRows('Cuff', yarn, cuff)] : []), ...waste.after],
      more
    );
  };
  const pieces = oneOrPair(o.pair, o.yarn, o.secondYarn, 'Sock', make);
  const own = ownTails(kit, o);
  const acts = pieces.flatMap((_, p): Act[] => {
    const yarn = p === 0 ? o.yarn : (o.secondYarn ?? o.yarn);
    const half = (side: 'front' | 'back'): RunRef => ({ piece: p, run: 'cast-on', half: side });
    const toe: Act[] =
      o.toe === 'flat'
        ? [
            { do: 'gather', piece: p, edge: 'cast-on' },
            {
              do: 'join',
              name: 'toe',
              a: [half('front')],
              b: [half('back')],
              by: 'needle',
              yarn,
              from: 'purl',
              ...own('cast-on')
            }
          ]
        : [{ do: 'draw', piece: p, edges: ['cast-on'], tail: 'purl' }];
    return onPurlSide(p, [
      ...toe,
      {
        ...crochetEnd(p, 'hung-off', o.cuffYarn ?? yarn, { perLoop: 2, ...(o.cuffYarn ? {} : own('hung-off')) }),
        rounds: o.cuffRounds,
        from: 'purl'
      },
      ...wasteAway(p, 'hung-off', wastes[p]!, o),
      weave('woven', p)
    ]);
  });
  return {
    plan: {
      title: brief.name,
      pieces,
      acts: [rest(...pieces.map((_, p) => p)), ...acts],
      promises: pieces.map((_, p) =>
        promised('sock', p, { cuff: { piece: p, run: 'hung-off' } }, { ridgesInside: true })
      ),
      worn: { form: 'sleeve', over: 'foot', girthMm: o.footGirthMm, closed: 'toe', straps: 0 },
      wearer: o.wearer,
      state: ring.gauge.state
    },
    notes: {
      wanted: wantedRows((c) => ring.fewer * fitAt(c).rowsFor(o.footMm + o.cuffMm), ring, {
        say: 'footAndCuff',
        footMm: o.footMm,
        cuffMm: o.cuffMm,
        girthMm: o.footGirthMm
      })
    }
  };
}

/** Tubes for feet: no heel to turn, the toe drawn and sewn flat, the cuff crocheted so that it gives. */
export const socks: Kind<typeof SocksOptions> = {
  code: 'socks',
  family: 'wear',
  pins: { from: 18, to: 26, usual: 22 },
  options: SocksOptions,
  start: (kit) => {
    const { main } = firstYarns(kit);
    return SocksOptions.parse({ yarn: main });
  },
  draft
};
