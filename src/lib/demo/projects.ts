import { linedHat } from '$lib/core/kinds/lined-hat';
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
  more: object = {}
): Project =>
  Project.parse({
    id,
    brief: Brief.parse({
      kind: 'lined-hat',
      name,
      machineId,
      options: { ...linedHat.start(demoKit, machineId), ...options }
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
  }
];
