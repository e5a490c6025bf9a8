import { describe, expect, it } from 'vitest';
import { sampleKit } from '../../../../tests/support/sample';
import { edited, newProject, planProject } from '$lib/store/projects';
import { departing, isOfWords } from './departing';

const kit = sampleKit();
const project = newProject(kit, 'lined-hat', 'm');
const known = { kit, project, planned: planProject(kit, project), rows: 20, faults: [] };
const blue = edited(project, { options: { yarn: 'blue', liningYarn: 'red' } });

describe('what departs from a piece on the machine', () => {
  it('a plan in other yarns does, another name does not', () => {
    expect(departing(known, blue)).not.toBeNull();
    expect(departing(known, edited(project, { name: 'Fog' }))).toBeNull();
  });

  it('nothing does before the first row, after the last, or where there is no plan', () => {
    expect(departing({ ...known, rows: 0 }, blue)).toBeNull();
    const measured = { lengthMm: 250, flatWidthMm: null, minutes: null, note: '', figures: [], at: '2026-11-02T10:00:00.000Z', planned: { rows: 1, lengthMm: 1, flatWidthMm: 1, machine: '', yarns: [] } }; // prettier-ignore
    expect(departing({ ...known, project: { ...project, measured } }, blue)).toBeNull();
    expect(departing({ ...known, planned: null }, blue)).toBeNull();
    expect(departing({ ...known, kit: null }, blue)).toBeNull();
    expect(departing(known, edited(project, { options: { yarn: 'nobody' } }))).toBeNull();
  });

  it('words, trimmings and steps of one’s own change no row; anything beside them may', () => {
    expect(isOfWords({ name: 'Fog', ownSteps: [], pompom: null })).toBe(true);
    expect(isOfWords({ name: 'Fog', options: {} })).toBe(false);
  });
});
