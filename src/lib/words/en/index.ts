import type { Words } from '../words';
import { cords } from './acts/cords';
import { ends } from './acts/ends';
import { folds } from './acts/folds';
import { seams } from './acts/seams';
import { shaping } from './acts/shaping';
import { tails } from './acts/tails';
import { cues, joined, tapes } from './cues';
import { draw } from './draw';
import { kinds } from './kinds';
import { machine } from './machine';
import { cuts, opening, seam, stretchOf } from './names';
import { findings } from './findings';
import { evidence, figures, reasons } from './reasons';
import { lesson, measurable, nextTime } from './measured';
import { moments, passed, repeated } from './moments';
import { left, refusals } from './refusals';
import { options } from './options';
import { remedies } from './remedies';
import { shapingLine, slope } from './shaping';
import { steps } from './steps';
import { verdict } from './verdict';
import { yarnEdge } from './yarn-edge';

/** English. To add a language, write a folder beside this one that is a Words. */
export const english: Words = {
  kinds,
  options,
  groups: {
    who: 'Who and how big',
    what: 'What and how big',
    yarn: 'Yarn and colour',
    ends: 'Ends and finishing',
    shape: 'Shape',
    machines: 'Machines',
    cuffs: 'Cuffs',
    rows: 'Rows and colours'
  },
  families: {
    hats: 'Hats',
    wear: 'To wear',
    carry: 'To carry and keep',
    toys: 'Toys',
    panels: 'Flat pieces',
    garments: 'Garments',
    hang: 'To hang up',
    free: 'Your own'
  },
  steps,
  moments,
  repeated,
  passed,
  tapes,
  measurable,
  lesson,
  verdict,
  yarnEdge,
  nextTime,
  joined,
  joinedAgain: () => 'Change yarn as before.',
  asBefore: 'As before.',
  shaped: (what, row, then) => [`${what} after row ${row}`, ...then.map((t) => `${t.place} after ${t.row}`)].join(', '),
  changeYarn: () => 'Change yarn',
  acts: { ...ends, ...seams, ...folds, ...shaping, ...tails, ...cords },
  cues,
  machine,
  refusals,
  left,
  findings,
  reasons,
  evidence,
  figures,
  remedies,
  slope,
  shapingLine,
  cuts,
  seam,
  opening,
  stretchOf,
  chapters: { setUp: 'Set up', machine: 'At the machine', hands: 'Finish by hand' },
  at: (piece, row, pin, t) =>
    [piece, row === undefined ? '' : t.row(row), pin === undefined ? '' : t.pin(pin)].filter(Boolean).join(', '),
  times: (title, count, t) => `${title} (${t.many(count, 'time', 'times')})`,
  draw
};
