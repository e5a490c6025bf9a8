import { kindOf } from '$lib/core/kinds';
import { Brief } from '$lib/core/plan';
import type { CrankAction } from '$lib/store/records/crank-event';
import { Project } from '$lib/store/records/project';
import { demoKit } from './kit';

/** The projects of the demo, one on the machine, one planned with something to mend, one done. */
export interface DemoProject {
  readonly project: Project;
  readonly actions: readonly CrankAction[];
}

const project = (
  id: string,
  name: string,
  machineId: string,
  at: string,
  options: object,
  more: object = {},
  kind = 'lined-hat'
): Project =>
  Project.parse({
    id,
    brief: Brief.parse({
      kind,
      name,
      machineId,
      options: { ...kindOf(kind)!.start(demoKit, machineId), ...options }
    }),
    createdAt: at,
    updatedAt: at,
    ...more
  });

const rows = (count: number, yarn: string): CrankAction[] => Array.from({ length: count }, () => ({ do: 'row', yarn }));

export const demoProjects: readonly DemoProject[] = [
  {
    project: project('demo-lantern', 'Lantern carrier, Ember over Tide', 'm48', '2026-11-21T18:20:00.000Z', {
      headMm: 565,
      turnUpMm: 50,
      yarn: 'y-ember',
      liningYarn: 'y-tide',
      marginRows: 8
    }),
    actions: [
      { do: 'confirm', step: 'p0.ready0' },
      { do: 'confirm', step: 'p0.ready1' },
      { do: 'confirm', step: 'p0.0' },
      { do: 'confirm', step: 'p0.1' },
      ...rows(41, 'y-ember')
    ]
  },
  {
    project: project('demo-fog', 'Lantern carrier in the fog', 'm48', '2026-11-22T09:05:00.000Z', {
      headMm: 580,
      turnUpMm: 60,
      yarn: 'y-fog',
      liningYarn: 'y-moss',
      marginRows: 0
    }),
    actions: []
  },
  {
    project: project('demo-school', 'School hat, small stripes', 'm40', '2026-11-19T16:40:00.000Z', {
      wearer: 'child',
      headMm: 500,
      turnUpMm: 40,
      style: 'striped',
      yarn: 'y-oat',
      sections: [
        { yarn: 'y-oat', rows: 5 },
        { yarn: 'y-moss', rows: 5 }
      ]
    }),
    actions: []
  },
  {
    project: project(
      'demo-first',
      'Trial hat for the hall',
      'm48',
      '2026-11-14T20:00:00.000Z',
      { headMm: 560, turnUpMm: 0, style: 'plain', yarn: 'y-ember' },
      {
        measured: {
          lengthMm: 530,
          flatWidthMm: 175,
          minutes: 26,
          note: 'First rows slow, no stitch lost. Brow snug.',
          at: '2026-11-14T20:00:00.000Z',
          planned: { rows: 106, lengthMm: 521, flatWidthMm: 175, machine: 'Big wheel', yarns: ['Reedwick, Ember'] }
        }
      }
    ),
    actions: []
  },
  {
    project: project(
      'demo-bag',
      'Bag for the hall lamps',
      'm48',
      '2026-11-20T19:10:00.000Z',
      { style: 'two', yarn: 'y-tide', secondYarn: 'y-ember', stripeRows: 12, handleYarn: 'y-ember' },
      {},
      'folded-bag'
    ),
    actions: []
  },
  {
    project: project(
      'demo-moth',
      'Moth for the lantern walk',
      'm22',
      '2026-11-20T08:30:00.000Z',
      { wings: true, tail: false, bodyMm: 200, legMm: 40, yarn: 'y-oat', secondYarn: 'y-moss', faceYarn: 'y-ember' },
      {},
      'toy-long'
    ),
    actions: []
  },
  {
    project: project(
      'demo-garland',
      'Leaf garland for the hall',
      'm22',
      '2026-11-18T17:00:00.000Z',
      { lineMm: 2400, count: 9, motifMm: 110, yarn: 'y-oat', motifYarn: 'y-moss', smallMachine: 'm22' },
      {},
      'garland'
    ),
    actions: []
  },
  {
    project: project(
      'demo-band',
      'Band hat for the drummer',
      'm48',
      '2026-11-17T11:00:00.000Z',
      { headMm: 575, yarn: 'y-tide', bandYarn: 'y-oat', bandRows: 34 },
      {},
      'band-hat'
    ),
    actions: []
  },
  {
    project: project(
      'demo-waistcoat',
      'Waistcoat for the band leader',
      'm48',
      '2026-11-16T20:45:00.000Z',
      {
        chestMm: 1020,
        crossBackMm: 420,
        upperArmMm: 330,
        lengthMm: 600,
        armholeMm: 220,
        yarn: 'y-tide',
        bandYarn: 'y-ember'
      },
      {},
      'waistcoat'
    ),
    actions: []
  }
];
