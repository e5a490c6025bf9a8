import { describe, expect, it } from 'vitest';
import { hat, medium, sampleKit } from '../../../../tests/support/sample';
import { Brief, changed } from '../plan';
import { tryPlan } from '../tomble';
import { refsOf } from './refs';
import { yarnSwap } from './swap-yarn';

const kit = sampleKit({ yarns: ['red', 'blue', 'tide'].map((id) => medium(id, '#334455')) });
const ids = (brief: Brief): string[] => refsOf(brief).flatMap((r) => (r.what === 'yarn' && !r.path.startsWith('strands.') ? [r.id] : [])); // prettier-ignore

describe('one yarn in the place of another', () => {
  const { brief } = hat({ yarn: 'red', liningYarn: 'blue' }, kit);
  const whole = Brief.parse({
    ...brief,
    colours: [{ piece: 0, sections: [{ yarn: 'red', rows: 9 }, { yarn: 'blue', rows: 9 }] }] // prettier-ignore
  });

  it('is put everywhere the old one stood, and nowhere else', () => {
    const after = changed(whole, yarnSwap(whole, 'red', 'tide', 2));
    expect(ids(after)).toEqual(ids(whole).map((id) => (id === 'red' ? 'tide' : id)));
    expect(after.strands).toMatchObject({ tide: 2 });
    expect(tryPlan(kit, after).ok).toBe(true);
  });

  it('names only what changes', () => {
    expect(Object.keys(yarnSwap(brief, 'red', 'tide', 1)).sort()).toEqual(['options', 'strands']);
    expect(Object.keys(yarnSwap(brief, 'red', 'tide', 1).options!)).toEqual(['yarn', 'sections']);
    expect(yarnSwap(brief, 'nobody', 'tide', 1)).toEqual({ strands: { tide: 1 } });
  });
});
