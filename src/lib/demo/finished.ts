import { kindOf } from '$lib/core/kinds';
import { Brief } from '$lib/core/plan';
import { Project } from '$lib/store/records/project';
import { demoKit } from './kit';

/** Something the village has made before: its record, and how its rows were cranked. */
export interface DemoFinished {
  readonly project: Project;
  /** When its first row was cranked, how many there were, and seconds from one to the next. */
  readonly cranked: { readonly from: string; readonly rows: number; readonly seconds: number; readonly yarn: string };
}

interface Told {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  readonly machine: { readonly id: string; readonly name: string };
  readonly options: object;
  readonly at: string;
  /** Work rows, length and flat width as planned and as measured, minutes in all. */
  readonly rows: number;
  readonly length: readonly [planned: number, measured: number];
  readonly width: readonly [planned: number, measured: number];
  readonly grams: readonly [planned: number, low: number, high: number, measured: number];
  readonly minutes: number;
  readonly seconds: number;
  readonly yarns: readonly string[];
  readonly note: string;
  readonly forWhom?: string;
}

const BIG = { id: 'm48', name: 'Big wheel' };
const MIDDLE = { id: 'm40', name: 'Old forty' };
const SMALL = { id: 'm22', name: 'Little crown' };

/** An evening before it was measured its rows were cranked. */
const EVENING_MS = 26 * 60 * 60_000;

function finished(told: Told): DemoFinished {
  const { machine, at, rows } = told;
  const [planned, low, high, got] = told.grams;
  const options = { ...kindOf(told.kind)!.start(demoKit, machine.id), ...told.options };
  return {
    project: Project.parse({
      id: told.id,
      brief: Brief.parse({ kind: told.kind, name: told.name, machineId: machine.id, options }),
      forWhom: told.forWhom ?? null,
      createdAt: at,
      updatedAt: at,
      measured: {
        lengthMm: told.length[1],
        flatWidthMm: told.width[1],
        minutes: told.minutes,
        note: told.note,
        at,
        figures: [{ code: 'grams', label: 'Weight', unit: 'g', got, planned, low, high }],
        planned: {
          rows,
          lengthMm: told.length[0],
          flatWidthMm: told.width[0],
          machine: machine.name,
          yarns: told.yarns
        }
      }
    }),
    cranked: {
      from: new Date(Date.parse(at) - EVENING_MS).toISOString(),
      rows,
      seconds: told.seconds,
      yarn: demoKit.yarns[0]!.id
    }
  };
}

/** What was finished before the walk: enough for a log that tells something. */
export const demoFinished: readonly DemoFinished[] = [
  finished({ id: 'demo-cowl', name: 'Cowl for the ferry', kind: 'cowl', machine: BIG, options: { yarn: 'y-tide' }, at: '2026-10-21T19:10:00.000Z', rows: 86, length: [427, 419], width: [175, 177], grams: [56, 54, 57, 55], minutes: 28, seconds: 7, yarns: ['Reedwick, Tide'], note: '' }), // prettier-ignore
  finished({ id: 'demo-oat', name: 'Oat hat, small', kind: 'lined-hat', machine: MIDDLE, options: { wearer: 'child', headMm: 510, turnUpMm: 40, style: 'plain', yarn: 'y-oat' }, at: '2026-10-28T18:30:00.000Z', rows: 120, length: [600, 574], width: [148, 151], grams: [66, 62, 70, 71], minutes: 24, seconds: 6, yarns: ['Millbarrow, Oat'], note: 'Came out shorter than planned.', forWhom: 'Smallest lantern carrier' }), // prettier-ignore
  finished({ id: 'demo-scarf', name: 'Scarf for the bell ringer', kind: 'scarf', machine: SMALL, options: { yarn: 'y-moss' }, at: '2026-11-03T20:20:00.000Z', rows: 376, length: [1880, 1905], width: [81, 80], grams: [113, 106, 120, 111], minutes: 41, seconds: 4, yarns: ['Millbarrow, Moss'], note: 'Untwisted four times.' }), // prettier-ignore
  finished({ id: 'demo-headband', name: 'Headband, market morning', kind: 'headband', machine: SMALL, options: { yarn: 'y-ember' }, at: '2026-11-10T09:15:00.000Z', rows: 86, length: [430, 428], width: [81, 84], grams: [26, 25, 28, 26], minutes: 30, seconds: 9, yarns: ['Reedwick, Ember'], note: '' }) // prettier-ignore
];
