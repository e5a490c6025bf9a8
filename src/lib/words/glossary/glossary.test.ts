import { describe, expect, it } from 'vitest';
import { made, sampleKit } from '../../../../tests/support/sample';
import { KINDS } from '$lib/core/kinds';
import { momentsOf } from '$lib/core/read';
import { wordScene } from '$lib/draw/word-picture';
import { english, speak } from '..';
import { voiceOf } from '../voice';
import { doorsIn, doorsOf, GLOSSARY, WORDS, wordOf } from '.';

const voice = voiceOf(sampleKit().habits);
const needles = voiceOf({ units: 'metric', terms: { pin: 'needle', row: 'round', off: 'cast off', crochet: 'UK' } });

/** Everything a plan says to a hand, from top to bottom. */
function sentencesOf(kind: string): string[] {
  const result = made(kind);
  const say = speak(result);
  return [
    ...result.steps.flatMap((step) => {
      const { title, detail, why, before } = say.step(step);
      return [title, before ?? '', detail, why ?? '', ...step.cues.map((cue) => say.cue(cue)), ...momentsOf(result, step).map((m) => say.moment(m))]; // prettier-ignore
    }),
    ...result.findings.map((finding) => say.finding(finding))
  ].filter((text) => text !== '');
}

/** An oracle that knows nothing of the search: letters and spaces around a form, compared one by one. */
function stands(form: string, sentence: string): boolean {
  const exact = form !== form.toLowerCase();
  const [text, wanted] = exact ? [sentence, form] : [sentence.toLowerCase(), form];
  for (let at = text.indexOf(wanted); at >= 0; at = text.indexOf(wanted, at + 1)) {
    const [before, after] = [text[at - 1] ?? ' ', text[at + wanted.length] ?? ' '];
    if (!/[\p{L}-]/u.test(before) && !/[\p{L}-]/u.test(after)) return true;
  }
  return false;
}

describe('words of the craft', () => {
  it('are about sixty, each named once, each form belonging to one of them, said in a sentence or two', () => {
    expect(WORDS.length).toBeGreaterThanOrEqual(60);
    expect(new Set(WORDS.map(({ id }) => id)).size).toBe(WORDS.length);
    for (const v of [voice, needles]) {
      const forms = WORDS.flatMap((entry) => entry.forms(v));
      expect(forms.filter((form, i) => forms.indexOf(form) !== i)).toEqual([]);
      for (const entry of WORDS) {
        expect(entry.says(v), entry.id).toMatch(/^[A-Z].{20,230}\.$/);
        expect(entry.term(v), entry.id).toMatch(/^[A-Z]/);
      }
    }
    expect(GLOSSARY.flatMap(({ entries }) => entries)).toEqual(WORDS);
    expect(wordOf('bumper')?.term(voice)).toBe('Bumper');
  });

  it('each has a picture, drawn from a plan', () => {
    const drawn = WORDS.map(({ id, picture }) => [id, wordScene(picture, (kind) => made(kind))] as const);
    expect(drawn.flatMap(([id, scene]) => (scene ? [] : [id]))).toEqual([]);
    for (const [id, scene] of drawn) {
      expect(scene!.shapes.length, id).toBeGreaterThan(2);
      expect(JSON.stringify(scene), id).not.toMatch(/NaN/);
    }
  });

  it('come in somewhere: each stands in what some plan says', () => {
    const all = [...KINDS.flatMap(({ code }) => sentencesOf(code)), JSON.stringify([english.options, english.kinds])].join('\n'); // prettier-ignore
    const unused = WORDS.filter((entry) => !entry.forms(voice).some((form) => stands(form, all)));
    // These two are said by the screens of machine and swatch alone.
    expect(unused.map(({ id }) => id)).toEqual(['fingers', 'gauge']);
  });

  it.each(KINDS.map(({ code }) => code))('%s: no word of the list is used without its door', (kind) => {
    const sentences = sentencesOf(kind);
    const doors = doorsOf(sentences.map((sentence, i) => [String(i), sentence] as const), voice); // prettier-ignore
    const parts = sentences.map((sentence, i) => doors(String(i), sentence));
    const opened = parts.flatMap((of) => of.flatMap(({ entry }) => (entry ? [entry.id] : [])));
    const open = new Set(opened);
    // One door each.
    expect(opened).toHaveLength(open.size);
    expect(parts.map((of) => of.map(({ text }) => text).join(''))).toEqual(sentences);
    for (const entry of WORDS) {
      // A longer word may hold a shorter one, "edge stitch" is no "stitch"; and TUBE is a mode, no tube.
      const others = WORDS.flatMap((other) => (other === entry ? [] : other.forms(voice)));
      const without = (sentence: string, form: string): string =>
        others
          .filter((other) => other.length >= form.length && other.toLowerCase().includes(form.toLowerCase()))
          .reduce((text, other) => text.replaceAll(new RegExp(other, other === other.toLowerCase() ? 'gi' : 'g'), '·'), sentence); // prettier-ignore
      const alone = (sentence: string): boolean =>
        entry.forms(voice).some((form) => stands(form, without(sentence, form)));
      if (sentences.some(alone)) expect(open, `${kind} ${entry.id}`).toContain(entry.id);
    }
  });

  it('a sentence keeps its letters, and the knitter’s own words have their doors', () => {
    expect(doorsIn('Close the gate.', voice).map((part) => part.entry?.id)).toEqual([undefined, 'gate', undefined]);
    const known = new Set<string>();
    expect(doorsIn('Turn one round; push needle 4 down.', needles, known).flatMap((p) => p.entry?.id ?? [])).toEqual(['row', 'pin']); // prettier-ignore
    // A word that means two things opens what it means here.
    const ids = (text: string): string[] => doorsIn(text, voice).flatMap((p) => p.entry?.id ?? []);
    expect(ids('Hook through all four layers, draw the yarn through.')).toEqual([]);
    expect(ids('Draw the last edge of the hat.')).toEqual(['drawstring']);
    expect(ids('until 22 stitches leave no hole')).toEqual([]);
    expect(ids('Thread the yarn through the middle hole.')).toContain('hole');
    expect(ids('Knot 1 join for good.')).toEqual(['knot', 'change']);
    expect(ids('Join: back of the brim.')).toEqual(['seam', 'brim']);
    // What is a panel here is no mode of the machine.
    expect(doorsIn('Switch it to PANEL: a panel grows.', voice).flatMap((p) => p.entry?.id ?? [])).toEqual(['panel-mode', 'panel']); // prettier-ignore
  });
});
