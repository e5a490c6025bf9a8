import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../tests/support/arbitrary';
import { made, medium, sampleKit } from '../../../tests/support/sample';
import { REFUSAL_CODES } from '$lib/core/hand';
import { KINDS } from '$lib/core/kinds';
import { cuesAhead, trackOf } from '$lib/core/read';
import { actSketch } from '$lib/draw/acts';
import { optionFields } from '$lib/core/plan';
import { tryPlan } from '$lib/core/tomble';
import { kindWords, optionLabels } from './kinds';
import { english } from './en';
import { becauseOf } from './reasoning';
import { worded } from './worded';
import { speak, type Speech } from './speak';

const bracket = (text: string): string => `[${text}]`;

/** A language like English whose every sentence stands in brackets: a letter outside them was not said by the words. */
function pseudo<T>(of: T): T {
  if (typeof of === 'string') return bracket(of) as T;
  if (typeof of === 'function') {
    const say = of as unknown as (...args: unknown[]) => unknown;
    return ((...args: unknown[]) => pseudo(say(...args))) as T;
  }
  if (of === null || typeof of !== 'object') return of;
  return Object.fromEntries(Object.entries(of).map(([key, value]) => [key, pseudo<unknown>(value)])) as T;
}

/** What is left of a text when everything in brackets is gone. */
function outside(text: string): string {
  let left = text;
  for (let before = ''; before !== left;) {
    before = left;
    left = left.replace(/\[[^[\]]*\]/g, '');
  }
  return left;
}

describe('the room of words', () => {
  it('a pseudo-language leaves no letter outside its brackets in steps, cues and drawings', () => {
    for (const kind of KINDS) {
      const result = made(kind.code);
      const spoken = speak(result, pseudo(english));
      const say: Speech = { ...spoken, talk: pseudo(spoken.talk) };
      const texts = result.steps.flatMap((step) => {
        const { title, detail, before, why } = say.step(step);
        return [title, detail, before ?? '', why ?? '', ...step.cues.map((cue) => say.cue(cue))];
      });
      result.plan.acts.forEach((_, i) => {
        const sketch = actSketch(result, i, say);
        texts.push(sketch?.label ?? '', ...(sketch?.labels.map((label) => label.text) ?? []));
        texts.push(...(sketch?.lines.map((line) => line.title ?? '') ?? []));
      });
      for (const text of texts) expect(outside(text), `${kind.code}: ${text}`).not.toMatch(/\p{L}/u);
    }
  });

  it('steps of the core hold no prose: facts are codes, names and numbers', () => {
    const prose = /[a-z] [a-z]+ [a-z]/;
    const strings = (value: unknown): string[] =>
      typeof value === 'string' ? [value] : value && typeof value === 'object' ? Object.values(value).flatMap(strings) : []; // prettier-ignore
    for (const kind of KINDS) {
      for (const text of strings(made(kind.code).steps)) expect(text, kind.code).not.toMatch(prose);
    }
  });

  it('counts by the language: one of a thing, one row of a span', () => {
    const { talk } = speak(made('scarf'));
    expect([talk.rows(1), talk.rows(2), talk.stitches(1), talk.many(0, 'group', 'groups')]).toEqual(['1 row', '2 rows', '1 stitch', '0 groups']); // prettier-ignore
    expect([talk.span(16, 16), talk.span(16, 17)]).toEqual(['row 16', 'rows 16 to 17']);
    expect([1, 2, 3, 4, 11, 12, 21, 22].map(talk.nth).join(' ')).toBe('1st 2nd 3rd 4th 11th 12th 21st 22nd');
    for (const kind of KINDS) {
      const result = made(kind.code);
      const say = speak(result);
      const all = result.steps.map((step) => Object.values(say.step(step)).join(' ')).join('\n');
      expect(all, kind.code).not.toMatch(/\b1 (rows|stitches|pins|groups|tails|loops|pairs|copies|chains)\b/);
      expect(all, kind.code).not.toMatch(/rows (\d+) to \1\b/i);
    }
  });

  it('numbers stand as a hand would say them, in every sentence of any project', () => {
    let read = 0;
    fc.assert(
      fc.property(anyKitAndBrief, ({ kit, brief }) => {
        const planned = tryPlan(kit, brief);
        if (!planned.ok) return;
        const result = worded(planned.value);
        const say = speak(planned.value);
        const { sizes, pace, yarnUse, notes } = planned.value;
        const figures = [
          ...sizes.finished.map(({ figure }) => figure),
          ...sizes.pieces.flatMap((p) => [p.lengthMm, p.flatWidthMm, p.hangsMm]),
          ...Object.values(pace),
          ...yarnUse.flatMap((use) => [use.metres, use.grams, use.balls]),
          ...(notes.wanted ? [notes.wanted] : [])
        ];
        const texts = [
          ...result.findings.map((f) => f.sentence),
          ...result.findings.flatMap((f) => (f.remedies ?? []).map((fix) => say.remedy(fix))),
          ...result.steps.flatMap((step) => [
            ...Object.values(say.step(step)),
            ...step.cues.map((cue) => say.cue(cue))
          ]),
          ...figures.map((figure) => becauseOf(figure, kit.habits)),
          ...(notes.shaping ?? []).map((line) => Object.values(say.shaping(line)).join(' '))
        ].filter((text): text is string => typeof text === 'string');
        for (const text of texts) {
          // No more than two decimals, no yarn of many metres in centimetres, no half a word.
          expect(text).not.toMatch(/\d\.\d{3,}/);
          expect(text).not.toMatch(/NaN|Infinity|undefined|null|\[object|e-\d/);
          expect(text).not.toMatch(/\b([2-9]\d\d|\d{4,})(\.\d)? cm of (Reed|Mill|Thistle)/);
          expect(text).not.toMatch(/(?<![.,\d])\b1 (rows|stitches|pins|groups|tails|loops|pairs|copies|chains|decreases|panels|rungs)\b/); // prettier-ignore
          expect(text).not.toMatch(/\b(\d{2,}|[02-9]) (row|stitch|pin|group|tail|loop|pair|panel|rung)\b(?! by )/);
          read++;
        }
      }),
      { numRuns: 120 }
    );
    expect(read).toBeGreaterThan(3000);
  });

  it("says the knitter's own words and none of the others", () => {
    const terms = { pin: 'needle', row: 'round' };
    for (const kind of KINDS) {
      const kit = sampleKit({ habits: { terms } });
      const result = made(kind.code, {}, kit);
      const say = speak(result);
      const all = result.steps.flatMap((step) => [...Object.values(say.step(step)), ...step.cues.map((cue) => say.cue(cue))]).join('\n'); // prettier-ignore
      expect(all, kind.code).not.toMatch(/\b(pins?|rows?)\b/i);
    }
  });

  it('names every kind, option and choice, and nothing that is not there', () => {
    const keys = new Set<string>();
    for (const kind of KINDS) {
      expect(kindWords(kind.code).blurb, kind.code).toMatch(/^[A-Z].*\.$/);
      expect(english.families[kind.family]).toBeTruthy();
      const fields = optionFields(kind.options);
      for (const { key, meta } of fields) {
        keys.add(key);
        const said = optionLabels(kind.code, key);
        expect(said.title, `${kind.code} ${key}`).toMatch(/^[A-Z0-9]/);
        expect(said.choices.map((c) => c.value)).toEqual(meta.choices ?? []);
        // A choice whose label is its own code was forgotten.
        for (const { value, label } of said.choices) expect(label, `${kind.code} ${key}`).not.toBe(value);
        if (meta.open) expect(said.empty, `${kind.code} ${key}`).toBeTruthy();
      }
      const own = Object.keys(kindWords(kind.code).options ?? {});
      expect(
        own.filter((key) => !fields.some((field) => field.key === key)),
        kind.code
      ).toEqual([]);
    }
    expect(Object.keys(english.options).filter((key) => !keys.has(key))).toEqual([]);
    expect(Object.keys(english.kinds).sort()).toEqual(KINDS.map((kind) => kind.code).sort());
  });

  it('the core holds no labels: options are codes and numbers', () => {
    const strings = (value: unknown): string[] =>
      typeof value === 'string' ? [value] : value && typeof value === 'object' ? Object.values(value).flatMap(strings) : []; // prettier-ignore
    for (const kind of KINDS) for (const { meta } of optionFields(kind.options)) for (const text of strings(meta)) expect(text).not.toMatch(/ /); // prettier-ignore
  });

  it('says where a colour is changed: at the marker, or some pins before it; waste always at the marker', () => {
    // The waste has a colour of its own: it is changed too, at the marker.
    const yarns = [medium('red', '#b03020'), medium('blue', '#205080'), medium('lemon', '#f4e04d')];
    const joins = (joinPins: number): string[] => {
      const result = made('lined-hat', { style: 'contrast', waste: 'few' }, sampleKit({ yarns, habits: { joinPins } }));
      return result.steps.flatMap((step) => speak(result).step(step).before ?? []);
    };
    expect(joins(0).map((text) => text.split('.')[0])).toEqual([
      'Stop at the marker',
      'Stop at the marker',
      'Stop at the marker'
    ]);
    expect(joins(3).map((text) => text.split('.')[0])).toEqual([
      'Stop at the marker',
      'Stop 3 pins before the marker',
      'Stop at the marker'
    ]);
    expect(joins(1)[1]).toMatch(/^Stop 1 pin before/);
    // The cue stands before the row is over: at the marker it would come too late.
    const result = made('lined-hat', { style: 'contrast', waste: 'none' }, sampleKit({ yarns, habits: { joinPins: 3 } })); // prettier-ignore
    const track = trackOf(result);
    const change = result.steps.find((step) => step.joined)!.rows!.from - 1;
    const [cue] = cuesAhead(track, change - 1).filter(({ kind }) => kind === 'change');
    expect(cue!.inRows).toBe(1);
    expect(speak(result).cue(cue!)).toMatch(/^Change yarn, 3 pins before the marker: /);
  });

  it('has a sentence for every refusal', () => {
    for (const code of REFUSAL_CODES) expect(typeof english.refusals[code]).toBe('function');
  });
});
