import { describe, expect, it } from 'vitest';
import { hat, medium, sampleKit } from '../../../../tests/support/sample';
import type { Kit } from '../kit';
import { standIn, standInAnswer, standInUnknown } from '$lib/words';
import { gathered } from './alike';
import { type Answer, ask, inOrder, type Substitute } from './compare';
import { type Question, tubeBrief } from './question';
import type { Candidate } from './rank';

const sock = medium('sock', '#6b2c4f', { weightClass: 1, label: { metres: 100_000 / 240, grams: 100 } });
const fat = medium('fat', '#66743a', { weightClass: 5, label: { metres: 100_000 / 830, grams: 100 } });
const like = medium('like', '#b23222', { label: { metres: 195, grams: 100 } });
const kit = sampleKit({
  yarns: [medium('red', '#b03020'), like, sock, fat, medium('few', '#101010', { stockGrams: 5 })]
});
const yarn = (id: string) => kit.yarns.find((y) => y.id === id)!;
const tube = { brief: tubeBrief('m', 'red', 110), yarnId: 'red', keep: 'counts' } as const;
/** The yarn that is there now and all others, the best first; with the kit as it is. */
function substitute(own: Kit, question: Question, candidates: readonly Candidate[]): Substitute[] {
  const asked = ask(own, question);
  if (!asked.ok) throw new RangeError(asked.faults[0]!.field);
  const { original, compare, withStrands } = asked.value;
  const answers = inOrder<Answer>(withStrands(candidates).map(compare));
  return [original, ...answers.flatMap((a) => (a.ok ? [a.is] : []))];
}
const said = (s: Substitute): string => standIn(s, kit.habits);
const one = (id: string, strands = 1) => ({ yarn: yarn(id), strands });

describe('substitute', () => {
  const all = substitute(kit, tube, [one('fat'), one('sock'), one('like')]);
  const of = (id: string, strands: number) => all.find((s) => s.yarn.id === id && s.strands === strands)!;

  it('stands the original first, then the best', () => {
    expect(all[0]!.isOriginal).toBe(true);
    expect(all[1]!.yarn.id).toBe('like');
    const scores = all.slice(1).map((s) => s.score);
    expect(scores).toEqual(scores.toSorted((a, b) => a - b));
  });

  it('one strand of 240 tex is a net, two are proposed by themselves and are good; 830 tex struggles (craft 5)', () => {
    expect(of('sock', 1).verdict).toBe('poor');
    expect(said(of('sock', 1))).toMatch(/^Better not: too thin: tightness 5\.8, below 7 it is a net/);
    expect(of('sock', 2).verdict).toBe('good');
    expect(of('sock', 2).tightness).toBeCloseTo(Math.sqrt(480) / 2.6527, 2);
    expect(of('fat', 1).verdict).toBe('poor');
    expect(said(of('fat', 1))).toContain('too thick');
  });

  it('doubled yarn takes twice the metres', () => {
    expect(of('sock', 2).metres.value / of('sock', 1).metres.value).toBeCloseTo(2, 6);
  });

  it('says when there is not enough, and what stays unknown', () => {
    const [, few] = substitute(kit, tube, [one('few')]);
    expect(few!.verdict).toBe('possible');
    expect(said(few!)).toMatch(/not enough at hand: \d+ g needed, 5 g there/);
    expect(standInUnknown(few!, kit.habits)).toContain('knit 20 rows');
  });

  it('a measured yarn changes rows, width and words', () => {
    const statement = { as: 'tube', pins: 48, rows: 120, lengthCm: 50, flatWidthCm: 16 };
    const swatch = { id: 's', machineId: 'm', yarnId: 'like', hole: 2, state: 'rested', statement, on: '2026-05-01' };
    const measured = sampleKit({ yarns: kit.yarns, swatches: [swatch] });
    const [own, s] = substitute(measured, tube, [one('like')]);
    expect(s!.lengthOff).toBeLessThan(-5);
    expect([s!.rows, s!.rowsMore]).toEqual([110, 0]);
    expect(said(s!)).toMatch(/shorter at the same rows.*narrower, and pins cannot be added\.$/);
    // With the size kept, so many rows more give the length back.
    const [, again] = substitute(measured, { ...tube, keep: 'size' }, [one('like')]);
    expect(again!.rowsMore).toBeGreaterThan(5);
    expect(said(again!)).toMatch(/narrower.*\d+ rows more\.$/);
    expect(Math.abs(again!.lengthMm.value - own!.lengthMm.value)).toBeLessThan(10 / 4);
  });

  it('matches a stated gauge exactly', () => {
    const question = { ...tube, brief: tubeBrief('m', 'red', 100, { courses: 2.5, wales: 1.6 }) };
    const [given, s] = substitute(kit, question, [one('like')]);
    expect(given!.lengthMm.value).toBeCloseTo(400, 9);
    expect(given!.flatWidthMm.value).toBeCloseTo(150, 9);
    // The other yarn at common practice, 2 rows and 1.35 stitches: 500 mm long, so 80 rows do.
    expect(s!.lengthOff).toBeCloseTo(25, 9);
    const [, sized] = substitute(kit, { ...question, keep: 'size' }, [one('like')]);
    expect([sized!.rows, sized!.rowsMore]).toEqual([80, -20]);
    expect(said(sized!)).toContain('20 rows fewer');
  });

  it('takes the head of a project into account', () => {
    const { brief } = hat(
      { yarn: 'red', liningYarn: 'like', headMm: 790, style: 'plain', sizeBy: 'rows', rows: 120 },
      kit
    );
    const [first, other] = substitute(kit, { brief, yarnId: 'red', keep: 'size' }, [one('like')]);
    expect(first!.stretch).toBeGreaterThan(85);
    expect(said(first!)).toContain('tight on the head');
    // What the plan suffers from already speaks against no other yarn; what is worse does.
    expect(said(other!)).toBe('A good substitute.');
    const statement = { as: 'tube', pins: 48, rows: 120, lengthCm: 60, flatWidthCm: 15 };
    const narrow = { id: 's', machineId: 'm', yarnId: 'like', hole: 2, state: 'rested', statement, on: '2026-05-01' };
    const measured = { ...kit, swatches: sampleKit({ yarns: kit.yarns, swatches: [narrow] }).swatches };
    expect(said(substitute(measured, { brief, yarnId: 'red', keep: 'size' }, [one('like')])[1]!)).toContain('the head'); // prettier-ignore
    // 40 pins hang 660 mm round: beyond 1.15 times that nothing is drawn.
    const smaller = { ...kit, machines: kit.machines.map((m) => ({ ...m, pins: 40 })) };
    const [never] = substitute(smaller, { brief, yarnId: 'red', keep: 'size' }, [one('like')]);
    expect(said(never!)).toContain('will not go over the head');
  });

  it('of yarns that come out the same the nearer colour and the full ball come first (CIEDE2000 by culori)', () => {
    const [near, far] = [medium('near', '#b03324'), medium('far', '#2040a0')];
    const [plenty, short] = [medium('plenty', '#b03020', { stockGrams: 900 }), medium('short', '#b03020', { stockGrams: 3 })]; // prettier-ignore
    const yarns = [medium('red', '#b03020'), near, far, plenty, short];
    const order = substitute(
      sampleKit({ yarns }),
      tube,
      [short, far, near, plenty].map((y) => ({ yarn: y, strands: 1 }))
    );
    expect(order.map((s) => s.yarn.id)).toEqual(['red', 'plenty', 'near', 'far', 'short']);
    expect(order.map((s) => s.stock)).toEqual(['unknown', 'enough', 'unknown', 'unknown', 'short']);
    const answers = order.map((s) => standInAnswer(s, kit.habits));
    expect(answers[1]).toMatch(/^.*comes out the same; you have 900 g and need \d+ g\.$/);
    expect(answers[3]).toContain('comes out the same in another colour');
    expect(answers[4]).toMatch(/you have 3 g and need \d+ g: 1 ball more\.$/);
  });

  it('a colour that cannot be told from the yarn beside it is said', () => {
    const yarns = [medium('red', '#b03020'), medium('blue', '#2040a0'), medium('navy', '#2242a2')];
    const own = sampleKit({ yarns });
    const { brief } = hat({ yarn: 'red', liningYarn: 'blue' }, own);
    const [, navy] = substitute(own, { brief, yarnId: 'red', keep: 'size' }, [{ yarn: yarns[2]!, strands: 1 }]);
    expect(navy!.verdict).toBe('possible');
    expect(said(navy!)).toMatch(/hard to tell from .* beside it/);
  });

  it('what comes out alike is one line; what differs stands by itself', () => {
    const colours = ['ash', 'oat', 'fir'].map((id) => medium(id, '#556677'));
    const many = sampleKit({ yarns: [...kit.yarns, ...colours] });
    const all = substitute(many, tube, ['ash', 'oat', 'fir', 'like', 'sock', 'fat', 'few'].map((id) => ({ yarn: many.yarns.find((y) => y.id === id)!, strands: 1 }))); // prettier-ignore
    const lines = gathered(all);
    expect(lines[0]).toMatchObject({ first: { isOriginal: true }, others: [] });
    // The nearest colour speaks for them.
    const line = lines.find(({ first }) => first.yarn.id === 'like')!;
    expect(line.others.map((s) => s.yarn.id)).toEqual(['ash', 'oat', 'fir']);
    // One that is short, one that is a net, one that struggles, and the doubled one each differ.
    expect(lines.map(({ first }) => first.yarn.id).sort()).toEqual(['fat', 'few', 'like', 'red', 'sock', 'sock']);
    expect(lines.flatMap(({ first, others }) => [first, ...others])).toHaveLength(all.length);
  });
});
