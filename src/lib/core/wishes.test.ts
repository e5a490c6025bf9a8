import { describe, expect, it } from 'vitest';
import { codes, hat, made, sampleKit } from '../../../tests/support/sample';
import { refsOf, withRefs } from './kinds/refs';

const patch = (row: number, more: object = {}) => ({ what: 'patch', piece: 0, row, yarn: 'blue', ...more });
const titles = (r: ReturnType<typeof made>) => r.worked.done.map((d) => d.id);

describe("what a brief adds to a kind's plan", () => {
  it('sews a patch on while a hand can reach behind it, and no later', () => {
    const r = hat({}, sampleKit(), { patches: [patch(20)] });
    const doing = r.plan.acts.map((act) => act.do);
    expect(doing.indexOf('fix')).toBe(doing.indexOf('rest') + 1);
    expect(doing.indexOf('fix')).toBeLessThan(doing.indexOf('fold'));
    expect(r.worked.refusals).toEqual([]);
    // 20 rows of two to the centimetre.
    expect(r.worked.done.find((d) => d.do === 'fix')!.facts).toMatchObject({ atMm: 100 });
    expect(r.yarnUse.map((use) => use.name)).toContain('Yarn blue, blue');
  });

  it('refuses a patch on a row or a piece that is not there, and says nothing else is wrong', () => {
    expect(hat({}, sampleKit(), { patches: [patch(5000)] }).worked.refusals[0]!.refusal.code).toBe('nothing-there');
    expect(hat({}, sampleKit(), { patches: [patch(5, { piece: 7 })] }).worked.refusals[0]!.refusal.code).toBe(
      'not-off'
    );
  });

  it('says where nobody would see a patch, and moves it with a click; a tag may lie inside', () => {
    const hidden = hat({}, sampleKit(), { patches: [patch(2)] });
    const finding = hidden.findings.find((f) => f.code === 'patch-hidden')!;
    expect(finding.about.facts).toMatchObject({ row: 2, place: 'crown' });
    const moved = hat({}, sampleKit(), { patches: finding.remedies![0]!.change.patches! });
    expect(codes(moved)).not.toContain('patch-hidden');
    expect(codes(hat({}, sampleKit(), { patches: [patch(2, { what: 'tag' })] }))).not.toContain('patch-hidden');
  });

  it('counts the yarn of a patch among what the brief names', () => {
    const { brief } = hat({}, sampleKit(), { patches: [patch(20)] });
    expect(refsOf(brief)).toContainEqual({ what: 'yarn', id: 'blue', path: 'patches[0].yarn' });
    expect(withRefs(brief, ({ id }) => (id === 'blue' ? 'red' : id)).patches[0]!.yarn).toBe('red');
  });

  it("puts the knitter's own steps before the act they were placed at, whatever that becomes", () => {
    const plain = titles(hat());
    const at = plain[2]!;
    const more = { ownSteps: ['Sew in the label', 'Take a picture'], ownPlaces: { 'Sew in the label': at } };
    const r = hat({}, sampleKit(), more);
    const ids = titles(r);
    expect(ids[ids.indexOf(at) - 1]).toContain('hand.own');
    expect(ids.at(-1)).toContain('Take a picture');
    // Every other tick stands for what it stood for.
    expect(ids.filter((id) => !id.includes('.own'))).toEqual(plain);
    // Its act is gone: it comes at the end.
    const gone = hat({}, sampleKit(), { ...more, ownPlaces: { 'Sew in the label': 'hand.gone' } });
    expect(
      titles(gone)
        .slice(-2)
        .every((id) => id.includes('.own'))
    ).toBe(true);
  });

  it('trims a pompom by what was said, and says what the scissors take (2t of a card w wide)', () => {
    const wish = { count: 1, wraps: 70, cardMm: 75, yarn: 'red', from: 'wound', by: 'bow' };
    const done = (more: object) => hat({}, sampleKit(), { pompom: { ...wish, ...more } }).worked.done.find((d) => d.do === 'pompom')!.facts!; // prettier-ignore
    expect(done({})).toMatchObject({ sizeMm: 69, lost: 0.08, buttonMm: null });
    expect(done({ trimMm: 6 })).toMatchObject({ sizeMm: 63, lost: 0.16 });
    expect(done({ from: 'bought', cardMm: 90 })).toMatchObject({ sizeMm: 90, lost: 0, yarnMm: 0 });
  });

  it('finds a button that slips through the knitting, and none that holds', () => {
    const wish = { count: 1, wraps: 70, cardMm: 75, yarn: 'red', from: 'bought', by: 'button' };
    const found = hat({}, sampleKit(), { pompom: { ...wish, buttonMm: 8 } });
    const finding = found.findings.find((f) => f.code === 'button-slips')!;
    expect(finding.about.facts).toMatchObject({ buttonMm: 8, leastMm: 16 });
    const mended = hat({}, sampleKit(), { pompom: finding.remedies![0]!.change.pompom! });
    expect(codes(mended)).not.toContain('button-slips');
    expect(codes(hat({}, sampleKit(), { pompom: { ...wish, by: 'bow', buttonMm: 8 } }))).not.toContain('button-slips');
  });
});
