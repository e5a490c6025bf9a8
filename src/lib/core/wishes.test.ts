import { describe, expect, it } from 'vitest';
import { codes, hat, made, sampleKit } from '../../../tests/support/sample';
import { speak } from '$lib/words';
import { refsOf, withRefs } from './kinds/refs';
import { cuesAhead, trackOf } from './read';

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

  it('waits for a piece that is blocked, and for its own one', () => {
    const doing = (kind: string, piece: number) => made(kind, {}, sampleKit(), { patches: [patch(5, { piece })] }).plan.acts; // prettier-ignore
    for (const [kind, piece] of [
      ['panel', 0],
      ['blanket', 1],
      ['pennant', 0]
    ] as const) {
      const acts = doing(kind, piece);
      const fixed = acts.findIndex((act) => act.do === 'fix' && act.what === 'patch');
      const before = acts[fixed - 1]!;
      expect(before.do === 'block' && before.pieces.includes(piece), kind).toBe(true);
    }
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
  });

  it('says of an own step whose place is gone that it is, and puts it nowhere until another is chosen', () => {
    const more = { ownSteps: ['Sew in the label'], ownPlaces: { 'Sew in the label': 'hand.gone' } };
    const gone = hat({}, sampleKit(), more);
    expect(titles(gone).filter((id) => id.includes('.own'))).toEqual([]);
    const finding = gone.findings.find((f) => f.code === 'own-step-gone')!;
    expect(speak(gone).finding(finding)).toBe(
      'Your step “Sew in the label” has no place: the plan no longer has the step it came before. Choose another place.'
    );
    const back = hat({}, sampleKit(), { ...more, ...finding.remedies![0]!.change });
    expect(titles(back).at(-1)).toContain('hand.own');
    expect(codes(back)).not.toContain('own-step-gone');
  });

  it('ties an own step to a row of a piece: a cue of that row, in every copy, and among the steps of the answer', () => {
    const at = (row: number, more: object = {}) => ({
      ownSteps: ['Weigh the ball'],
      ownRows: { 'Weigh the ball': { piece: 0, of: 'Tube', row, ...more } }
    });
    const cuesIn = (run: ReturnType<typeof made>) =>
      run.steps.flatMap((step) => step.cues.flatMap((cue) => (cue.kind === 'own' ? [cue] : [])));
    for (const [waste, before] of [
      ['none', 0],
      ['few', 5]
    ] as const) {
      for (const row of [0, 1, 40]) {
        const run = hat({ waste }, sampleKit(), at(row));
        expect(cuesIn(run)).toEqual([{ row: row + before, kind: 'own', facts: { text: 'Weigh the ball' } }]);
        expect(speak(run).cue(cuesIn(run)[0]!)).toBe('Weigh the ball.');
        expect(titles(run).filter((id) => id.includes('.own'))).toEqual([]);
        expect(codes(run)).not.toContain('own-step-gone');
      }
    }
    // At the crank it is due right after its row.
    const hanging = hat({}, sampleKit(), at(40));
    expect(cuesAhead(trackOf(hanging), 40).filter(({ kind, inRows }) => kind === 'own' && inRows === 0)).toHaveLength(
      1
    );
    // The row or the piece is not there any more.
    for (const gone of [at(4000), at(40, { of: 'Back' }), at(40, { piece: 3 })]) {
      const run = hat({}, sampleKit(), gone);
      expect(cuesIn(run)).toEqual([]);
      expect(speak(run).finding(run.findings.find((f) => f.code === 'own-step-gone')!)).toMatch(/no longer has row [\d,]+ of “(Tube|Back)”/); // prettier-ignore
    }
  });

  it('sews a patch over the pin that was named, and refuses one that the piece does not have there', () => {
    const done = (run: ReturnType<typeof made>) => speak(run).step(run.steps.find((s) => s.id.includes('hand.fix'))!);
    expect(done(hat({}, sampleKit(), { patches: [patch(20, { pin: 12 })] })).detail).toContain(', over pin 12.');
    expect(done(hat({}, sampleKit(), { patches: [patch(20)] })).detail).not.toContain('over pin');
    const off = hat({}, sampleKit(), { patches: [patch(20, { pin: 60 })] });
    expect(off.worked.refusals[0]!.refusal).toEqual({ code: 'nothing-there', piece: 0, run: 'pin' });
    expect(off.findings.map((f) => speak(off).finding(f)).join(' ')).toContain('There is no such pin on');
    // A panel that narrows has fewer pins higher up.
    const panel = (row: number) =>
      made('panel', { taper: 'both', sizeBy: 'rows', rows: 80, stitches: 34, topStitches: 10 }, sampleKit(), {
        patches: [patch(row, { pin: 8, what: 'tag' })]
      });
    expect(panel(2).worked.refusals).toEqual([]);
    expect(panel(79).worked.refusals.map(({ refusal }) => refusal.code)).toEqual(['nothing-there']);
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
