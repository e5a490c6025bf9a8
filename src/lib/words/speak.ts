import type { Did, Left, Refusal } from '$lib/core/hand';
import type { MachineNo } from '$lib/core/knit';
import type { Finding, Fix, Shaping } from '$lib/core/plan';
import type { Cue, CutLine, Moment, Stretch, Step, Verdict, What } from '$lib/core/read';
import { english } from './en';
import { type Talk, talkOf, type Told } from './talk';
import type { Said, Words } from './words';

/** A step in words. */
export interface SaidStep extends Said {
  /** What is to be done before its rows: a yarn that is joined. */
  readonly before: string | null;
}

/** Everything a screen or a file asks words for, about one plan. */
export interface Speech {
  readonly words: Words;
  readonly talk: Talk;
  readonly step: (step: Pick<Step, 'what' | 'joined' | 'copies'>) => SaidStep;
  readonly stretch: (stretch: Stretch) => SaidStep;
  readonly cue: (cue: Cue) => string;
  readonly moment: (moment: Moment) => string;
  readonly finding: (finding: Finding) => string;
  readonly remedy: (fix: Fix) => string;
  readonly shaping: (line: Pick<Shaping, 'what' | 'gaps' | 'leftRows'>) => {
    readonly what: string;
    readonly how: string;
  };
  readonly verdict: (verdict: Verdict) => string;
  readonly cut: (line: Pick<CutLine, 'what'>) => string;
}

/** A function of a table of functions, asked for by its key: each takes the facts of its own key. */
const ask = <A extends readonly unknown[], R>(table: object, key: string): ((...args: A) => R) =>
  (table as Record<string, (...args: A) => R>)[key]!;

function sayWhat(what: What, words: Words, t: Talk): Said {
  if (what.say !== 'act') return ask<[object, Talk], Said>(words.steps, what.say)(what.facts, t);
  const { did } = what;
  return sayAct(did, words, t);
}

function sayAct(did: Did, words: Words, t: Talk): Said {
  if (!did.facts) throw new TypeError('an act that was refused is told by a finding');
  return ask<[object, object, Talk], Said>(words.acts, did.do)(did.act, did.facts, t);
}

function sayFinding({ about, place }: Finding, words: Words, t: Talk): string {
  const end = (at: string, text: string): string => (at ? `${at}: ${text}.` : `${t.sentence(text)}.`);
  switch (about.by) {
    case 'judge':
      return ask<[object, Talk], string>(words.findings, about.facts.code)(about.facts, t);
    case 'machine': {
      const facts = about.facts as MachineNo;
      const at = words.at(t.label(place.piece ?? 0), place.row, place.pin, t);
      return end(at, ask<[object, Talk], string>(words.machine, facts.code)(facts, t));
    }
    case 'hand':
      return end('', ask<[object, Talk], string>(words.refusals, about.facts.code)(about.facts as Refusal, t));
    case 'left':
      return end('', ask<[object, Talk], string>(words.left, about.facts.code)(about.facts as Left, t));
  }
}

/**
 * Words for one plan, in the knitter's units and terms.
 *
 * @example speak(result).step(result.steps[0]).title // 'Switch Big wheel to TUBE'
 */
export function speak(run: Told, words: Words = english): Speech {
  const talk = talkOf(run, words);
  return {
    words,
    talk,
    step: (step) => {
      const said = sayWhat(step.what, words, talk);
      const act = step.what.say === 'act';
      const title = act && step.copies > 1 ? words.times(said.title, step.copies, talk) : said.title;
      return { ...said, title, before: step.joined ? words.joined(step.joined, talk) : null };
    },
    stretch: (stretch) => ({
      ...words.steps.knit(stretch.facts, talk),
      before: stretch.joined ? words.joined(stretch.joined, talk) : null
    }),
    cue: (cue) => {
      const title = 'what' in cue.facts ? sayWhat(cue.facts.what, words, talk).title : '';
      return ask<[object, Talk, string], string>(words.cues, cue.kind)(cue.facts, talk, title);
    },
    moment: (moment) => ask<[object, Talk], string>(words.moments, moment.code)(moment.facts, talk),
    finding: (finding) => sayFinding(finding, words, talk),
    remedy: ({ remedy }) => ask<[object, Talk], string>(words.remedies, remedy.code)(remedy, talk),
    shaping: (line) => ({ what: words.shapingLine(line.what, talk), how: words.slope(line, talk) }),
    verdict: (verdict) => words.verdict(verdict, talk),
    cut: (line) => words.cuts[line.what]
  };
}
