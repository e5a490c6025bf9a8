import { tried } from '$lib/core/remedy';
import type { Result } from '$lib/core/tomble';
import type { Act, Join, RunRef, Shaping } from '$lib/core/plan';
import {
  type CueKind,
  cutsOf,
  finishedSketch,
  pieceAt,
  PLACES,
  type Reveal,
  type Step,
  verdictOf
} from '$lib/core/read';
import { actSketches } from '$lib/draw/acts';
import type * as z from 'zod/mini';
import type { MadeAnswer } from './made-schema';
import { type SaidFinding, type Speech, speak, withReasons, worded } from '$lib/words';

interface Run {
  readonly place: string;
  readonly from: number;
  to: number;
}

/** Rows alike in place gathered into runs. */
function runsOf(place: Reveal['pieces'][number]['place']): Run[] {
  const runs: Run[] = [];
  place.forEach((code, row) => {
    const name = PLACES[code]!;
    const last = runs.at(-1);
    if (last?.place === name) last.to = row + 1;
    else runs.push({ place: name, from: row + 1, to: row + 1 });
  });
  return runs;
}

/** A step with its words beside its facts. */
function stepAnswer(step: Step, say: Speech): object {
  const { title, detail, before, why } = say.step(step);
  const cues = step.cues.map((cue) => ({ row: cue.row, kind: cue.kind, facts: cue.facts, sentence: say.cue(cue) }));
  // `finish` is what an act was called before hands were run.
  return { ...step, finish: step.act, title, detail, before, why: why ?? null, cues };
}

/** What is done by hand while rows go by, and stands among the steps beside being a cue: marks, and steps of the knitter's own. */
const AMONG_STEPS: Readonly<Partial<Record<CueKind, string>>> = { marker: 'Hang in a mark', own: 'A step of your own' };

/** Steps of a section of rows that stand after it: what is hung in or done after one of its rows. */
function marksAnswer(step: Step, say: Speech): object[] {
  const before = (step.rows?.from ?? 1) - (step.workRows?.from ?? 1);
  return step.cues.flatMap((cue, i) => {
    const title = AMONG_STEPS[cue.kind];
    if (title === undefined) return [];
    const { row, kind, facts } = cue;
    return [
      {
        id: `${step.id}.${kind}-${i}`,
        phase: step.phase,
        piece: step.piece,
        operation: step.operation,
        act: null,
        finish: null,
        what: { say: kind, facts },
        joined: null,
        // After this row, in the true count of the piece and as hands count.
        after: { row, workRow: row - before },
        rows: null,
        workRows: null,
        carriage: null,
        section: null,
        yarnId: null,
        cues: [],
        copies: step.copies,
        eachCopy: step.eachCopy,
        minutes: 0,
        needs: [],
        title,
        detail: say.cue(cue),
        before: null,
        why: null
      }
    ];
  });
}

/** What hands make of it: every thing with its openings, seams, tails, what is cut, and what would be left undone. */
function madeAnswer(result: Result, say: Speech): z.output<typeof MadeAnswer> {
  const { things, seams, tails, cuts, left } = result.worked;
  const label = (piece: number): string => pieceAt(result, piece).planned.label;
  return {
    things: things.map((thing) => ({
      name: thing.name,
      times: thing.times,
      euler: thing.euler,
      openings: thing.openings.map((o) => ({ name: o.name ?? 'hole', girthMm: o.girthMm })),
      outside: thing.outside.map((side) => ({ ...side })),
      inside: thing.inside.map((side) => ({ ...side }))
    })),
    seams: seams.map((seam) => ({
      name: say.words.seam(seam.name, say.talk),
      a: label(seam.a.piece),
      b: label(seam.b.piece),
      by: seam.by,
      lengthMm: seam.mm
    })),
    tails: tails.map(({ yarn, where, fate, times }) => ({
      yarn,
      place: where.at === 'row' ? `row ${where.row}` : where.at === 'seam' ? where.name : where.at,
      end: fate,
      times
    })),
    cuts: cuts.map(({ yarn, what, mm, count }) => ({ yarn, what, lengthMm: mm, count })),
    left: [...result.worked.refusals.map(({ act, refusal }) => ({ act, ...refusal })), ...left.map((l) => ({ ...l }))]
  };
}

/** Ways of joining by the names they had before hands were run. */
const JOINED_BY: Readonly<Record<Join['by'], 'hook' | 'needle' | 'mattress'>> = {
  loops: 'hook',
  hook: 'hook',
  together: 'hook',
  needle: 'needle',
  graft: 'needle',
  zip: 'needle',
  mattress: 'mattress'
};

/** The seams of an act as `plan.joins` had them before hands were run: two edges each, by its first run. The act has all of them. */
function joinsAnswer(act: Act): object[] {
  const edge = ({ run, ...ref }: RunRef): object => ({ ...ref, edge: run });
  if (act.do === 'join') return [{ name: act.name, a: edge(act.a[0]!), b: edge(act.b[0]!), by: JOINED_BY[act.by] }];
  if (act.do !== 'chainRungs') return [];
  return act.segments.flatMap(({ name, a, b }) => (b ? [{ name, a: edge(a), b: edge(b), by: 'ladder' }] : []));
}

/** A line of shaping with what it says. */
function shapingAnswer(line: Shaping, say: Speech): object {
  const { what, how } = say.shaping(line);
  return { ...line, line: line.what, what, words: how };
}

/** How it fits what it was measured for; null where nothing is. */
function verdictAnswer(result: Result, say: Speech): object | null {
  const verdict = verdictOf(result);
  if (!verdict) return null;
  const { code, over, measureMm, roomMm, low, high } = verdict;
  return { code, measure: { of: over, mm: measureMm }, roomMm, low, high, words: say.verdict(verdict) };
}

/** A judgement with its sentence, the facts it is made of, and the remedy that was tried. */
function findingAnswer({ code, weight, place, sentence, about, fix }: SaidFinding): object {
  return {
    code,
    weight,
    place,
    sentence,
    facts: about.facts,
    ...(fix ? { fix: { label: fix.label, change: fix.change } } : {})
  };
}

/**
 * A result as plain JSON, the answer of `POST /api/plan`. Rows are given as runs, so that a long piece stays small. The
 * fold and the runs of the first piece stand beside those of all pieces, as they did before there could be several.
 */
export function planAnswer(result: Result): object {
  const { plan, notes, sizes, pace, steps, yarnUse, reveal, outline } = result;
  const { findings } = worded(tried(result));
  const say = speak(result);
  const pieces = reveal.pieces.map(({ place, foldRow }) => ({ foldRow, runs: runsOf(place) }));
  const { habits } = result.kit;
  return {
    // What hands do stands a second time under the names it had before hands were run.
    plan: {
      ...plan,
      ...(withReasons(notes, habits) as object),
      ...(notes.shaping ? { shaping: notes.shaping.map((line) => shapingAnswer(line, say)) } : {}),
      finishing: plan.acts,
      joins: plan.acts.flatMap(joinsAnswer)
    },
    verdict: verdictAnswer(result, say),
    figures: withReasons({ ...sizes, pace }, habits),
    findings: findings.map(findingAnswer),
    steps: steps.flatMap((step) => [stepAnswer(step, say), ...marksAnswer(step, say)]),
    yarn: withReasons(yarnUse, habits),
    cuts: cutsOf(result).map((cut) => ({ ...cut, what: say.cut(cut), code: cut.what })),
    made: madeAnswer(result, say),
    reveal: {
      foldRow: pieces[0]?.foldRow ?? null,
      turnRows: reveal.turnRows,
      runs: pieces[0]?.runs ?? [],
      pieces
    },
    outline: {
      ...outline,
      finished: finishedSketch(result),
      finishing: actSketches(result, say)
    }
  };
}
