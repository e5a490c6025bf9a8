import type { FactsOf, LeftCode, LeftFacts, RefusalCode, RefusalFacts, CutWhat } from '$lib/core/hand';
import type { MachineCode, MachineFacts } from '$lib/core/knit';
import type { FindingFacts } from '$lib/core/judge';
import type { Act, ActOf, Remedies, RemedyCode, Shaping, ShapingLine } from '$lib/core/plan';

import type {
  CueFacts,
  CueKind,
  FigureName,
  JoinedFacts,
  Measurable,
  MomentFacts,
  NamedFigure,
  PassedFor,
  Repeated,
  StepFacts,
  EdgeAnswer,
  Verdict
} from '$lib/core/read';
import type { Reasons, ReasonEvidence } from '$lib/core/quantity';
import type { Lesson, Lessons } from '$lib/core/lesson';
import type { NamesOfKinds } from './options';
import type { Talk } from './talk';
import type { Voice } from './voice';

/** What is said of one thing to do. */
export interface Said {
  readonly title: string;
  readonly detail: string;
  /** Where two schools exist, one line on why this one. */
  readonly why?: string;
}

/** An act as it was done, with what it says of itself. */
type SayAct<D extends Act['do']> = (act: ActOf<D>, facts: FactsOf[D], t: Talk) => Said;

/** Judgements with their facts. */
export type SayFinding<C extends keyof FindingFacts> = {
  readonly [K in C]: (facts: FindingFacts[K], t: Talk) => string;
};

/**
 * Everything that can be said of steps, cues, acts and refusals: a language implements it. A missing sentence, or a fact
 * that is not there, does not compile.
 */
export interface Words extends NamesOfKinds {
  readonly steps: { readonly [K in keyof StepFacts]: (facts: StepFacts[K], t: Talk) => Said };
  /** One thing a hand does at the machine, in one sentence. */
  readonly moments: { readonly [C in keyof MomentFacts]: (facts: MomentFacts[C], t: Talk) => string };
  /** What goes wrong again and again, and where to look. */
  readonly repeated: (repeated: Repeated, t: Talk) => string;
  /** A thing to measure, by its name. @param of names of the pieces and figures of its plan */
  readonly measurable: (
    what: Measurable,
    of: { readonly piece: (p: number) => string; readonly figure: (named: NamedFigure) => string }
  ) => string;
  /** What a finished piece taught of one yarn, and what the next one asks for. */
  readonly lesson: (lesson: Omit<Lesson, 'yarnId'>, yarn: string, t: Talk) => string;
  readonly nextTime: (next: NonNullable<Lessons['next']>, t: Talk) => string;
  /** Why a step was not done in its turn: as a choice, and as it is said afterwards. */
  readonly passed: Readonly<Record<PassedFor, { readonly label: string; readonly help: string }>>;
  /** A new yarn before the rows of a step. */
  readonly joined: (facts: JoinedFacts, t: Talk) => string;
  /** The same thing, told before. */
  readonly joinedAgain: (t: Talk) => string;
  /** What is done is what the step like it before said. */
  readonly asBefore: string;
  /** Shaping on paper, its first place in full and then each place with its row. */
  readonly shaped: (what: string, row: number, then: readonly { place: string; row: number }[]) => string;
  readonly changeYarn: (t: Talk) => string;
  readonly acts: { readonly [D in Act['do']]: SayAct<D> };
  readonly cues: { readonly [K in CueKind]: (facts: CueFacts[K], t: Talk, title: string) => string };
  /** What a tape shows after several rows, in one line. */
  readonly tapes: (facts: readonly CueFacts['tape'][], t: Talk) => string;
  readonly machine: { readonly [C in MachineCode]: (facts: MachineFacts[C], t: Talk) => string };
  readonly refusals: { readonly [C in RefusalCode]: (facts: RefusalFacts[C], t: Talk) => string };
  readonly left: { readonly [C in LeftCode]: (facts: LeftFacts[C], t: Talk) => string };
  readonly findings: SayFinding<keyof FindingFacts>;
  readonly remedies: { readonly [C in RemedyCode]: (facts: Remedies[C], t: Talk) => string };
  /** Why a figure is what it is. */
  readonly reasons: { readonly [C in keyof Reasons]: (facts: Reasons[C], v: Voice) => string };
  readonly evidence: (told: ReasonEvidence, v: Voice) => string;
  readonly figures: { readonly [N in FigureName]: (over: string) => string };
  /** How a line of shaping goes. */
  readonly slope: (line: Pick<Shaping, 'gaps' | 'leftRows'>, t: Talk) => string;
  readonly shapingLine: (line: ShapingLine, t: Talk) => string;
  /** What the edge at which the yarn is seen says of the count. */
  readonly yarnEdge: (answer: EdgeAnswer, row: number, t: Talk) => string;
  /** How a thing fits what it was measured for, in one line. */
  readonly verdict: (verdict: Verdict, v: Voice) => string;
  readonly cuts: Readonly<Record<CutWhat, string>>;
  /** Seams, edges and places by their codes. */
  readonly seam: (name: string, t: Talk) => string;
  readonly opening: (name: string, t: Talk) => string;
  /** A stretch of a measured length, by the option that counts its rows; null for what is none. */
  readonly stretchOf: (option: string, t: Talk) => string | null;
  /** Titles of a list of steps. */
  readonly chapters: { readonly setUp: string; readonly machine: string; readonly hands: string };
  /** Where a machine refused: piece, row, pin. */
  readonly at: (piece: string, row: number | undefined, pin: number | undefined, t: Talk) => string;
  readonly times: (title: string, count: number, t: Talk) => string;
  /** Words of drawings. */
  readonly draw: DrawWords;
}

/** Labels in drawings of acts. */
interface DrawWords {
  readonly waste: (t: Talk) => string;
  readonly row: (row: number, t: Talk) => string;
  readonly pin: (pin: number, t: Talk) => string;
  readonly pairs: (count: number, four: boolean, t: Talk) => string;
  readonly live: (count: number, t: Talk) => string;
  readonly tails: (count: number, t: Talk) => string;
  readonly out: Readonly<Record<'knit' | 'purl', string>>;
  /** A pin of the ring as it is drawn close up. */
  readonly onPin: (f: { readonly pin: number; readonly loops: number; readonly risen: boolean; readonly marked: boolean }, t: Talk) => string; // prettier-ignore
  readonly gate: Readonly<Record<'open' | 'closed', string>>;
  /** The two words on the mode switch. */
  readonly modes: Readonly<Record<'tube' | 'panel', string>>;
  readonly yarnAt: (pin: number, t: Talk) => string;
  readonly yarn: Readonly<Record<'guide' | 'aside' | 'cut', string>>;
  readonly turn: Readonly<Record<'up' | 'down' | 'round', string>>;
  /** One short line under the picture of each act. */
  readonly captions: { readonly [D in Act['do']]: (act: ActOf<D>, facts: FactsOf[D], t: Talk) => string };
  readonly parts: Readonly<
    Record<
      | 'front'
      | 'back'
      | 'outer'
      | 'inner'
      | 'fold'
      | 'inside'
      | 'open'
      | 'first-end'
      | 'last-end'
      | 'thread'
      | 'tail'
      | 'opening'
      | 'seam'
      | 'rungs'
      | 'corner-down'
      | 'corner-up'
      | 'over'
      | 'here'
      | 'card'
      | 'cord'
      | 'left-out',
      string
    >
  >;
}
