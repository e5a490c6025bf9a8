import { entriesOf, type Entry, momentsOf, pieceAt, type Step, workOf } from '$lib/core/read';
import { showFigure, showRange } from '$lib/core/quantity';
import { judged, type Readings } from '$lib/core/tomble';
import { yarnName } from '$lib/core/kit';
import { actSketch } from '$lib/draw/acts';
import { momentScene } from '$lib/draw/close-up/moment';
import { finishedScene } from '$lib/draw/finished';
import type { Scene } from '$lib/draw/scene';
import { sketchScene } from '$lib/draw/sketch';
import { tubeScene } from '$lib/draw/tube';
import { yarnLetter } from '$lib/draw/tube-parts';
import { figureName, kindTitle, speak, type Speech } from '$lib/words';
import { gathered } from '$lib/words/list/gathered';
import { firstOf, firstReasons, firstSaid, picturedBefore } from '$lib/words/list/once';
import { shapingOf } from '$lib/words/list/shaping';

/** One thing to do, as paper has it. */
export interface PaperStep {
  readonly title: string;
  readonly text: readonly string[];
  /** What is due while its rows go by, each with its rows. */
  readonly due: readonly { readonly when: string; readonly what: string }[];
  /** Shaping by the rows after which it is done. */
  readonly lines: readonly { readonly after: string; readonly what: string }[];
  /** The same in few lines: what is alike is said once, with every place and its row. */
  readonly shaping: readonly string[];
  readonly picture: Scene | null;
  /** The piece that begins here, where there are several. */
  readonly part: string | null;
}

/** Rows to be ticked, each with the letter of its yarn where it changes; pieces alike in both share them. */
export interface PaperGrid {
  readonly label: string;
  /** Pieces that are ticked here, a stroke for each. */
  readonly pieces: number;
  readonly rows: number;
  readonly changes: ReadonlyMap<number, string>;
}

/** A plan as paper has it: read from the plan, worded and drawn, without any file format. */
export interface Paper {
  readonly title: string;
  readonly about: string;
  readonly figures: readonly { readonly label: string; readonly value: string; readonly range: string }[];
  readonly yarns: readonly {
    readonly letter: string;
    readonly hex: string;
    readonly name: string;
    readonly need: string;
  }[];
  readonly notes: readonly string[];
  readonly tubes: readonly Scene[];
  readonly finished: Scene | null;
  readonly chapters: readonly { readonly title: string; readonly steps: readonly PaperStep[] }[];
  readonly grids: readonly PaperGrid[];
}

/** More pieces than that are not drawn one by one: their schematic shows them. */
const MOST_TUBES = 2;
/** Sizes at which the letters of a picture can be read once it is as small as on the sheet. */
const ACT_PICTURE = { width: 190, height: 130 } as const;
const MACHINE_PICTURE = { width: 360, height: 225 } as const;

/** The picture of a step; one that stood there before is not printed twice. */
function pictureOf(result: Readings, say: Speech, step: Step, again: boolean): Scene | null {
  if (step.act !== null) {
    const { width, height } = ACT_PICTURE;
    const sketch = actSketch(result, step.act, say);
    return sketch && sketchScene(sketch, result.yarns, width, height, true, true);
  }
  if (step.piece === null || step.rows || again) return null;
  const moments = momentsOf(result, step);
  const told = moments.find(({ sight }) => sight.of === 'pins' && sight.look.moves.length > 0) ?? moments.at(-1);
  const { width, height } = MACHINE_PICTURE;
  return told ? momentScene(result, step.piece, told, say, say.moment(told), width, height) : null;
}

function stepOf(result: Readings, say: Speech, entry: Entry, on: PaperPlaces): PaperStep {
  const first = firstOf(entry);
  const said = 'step' in entry ? say.step(entry.step) : say.stretch(entry.stretch);
  const before = said.before === null ? [] : [entry.again ? say.words.joinedAgain(say.talk) : said.before];
  const how = 'step' in entry ? [] : entry.stretch.how.map((step) => say.step(step));
  const cues = 'step' in entry ? entry.step.cues : entry.stretch.cues;
  const wasteBefore = first.piece === null ? 0 : workOf(pieceAt(result, first.piece).fabric).before;
  const when = (rows: readonly number[]): string => {
    const work = rows.map((row) => row - wasteBefore);
    if (work.length > 1) return `${say.talk.terms.row}s ${say.talk.list(work.map(String))}`;
    return work[0]! <= 0 ? 'start' : say.talk.row(work[0]!);
  };
  return {
    title: said.title,
    text: [
      ...before,
      said.detail,
      ...(said.why && on.why.get(said.why) === first.id ? [said.why] : []),
      ...how.map(({ title, detail }) => `${title}: ${detail}`)
    ].filter((text) => text !== ''),
    due: gathered(cues, say)
      .filter(({ sentence }) => on.first.get(sentence) === first.id)
      .map(({ sentence, rows }) => ({ when: when(rows), what: sentence })),
    lines:
      'step' in entry
        ? []
        : entry.stretch.lines.map((line) => ({
            after: `after ${line.afterRow}`,
            what: line.steps.map((step) => say.step(step).title).join('; ')
          })),
    shaping: 'step' in entry ? [] : shapingOf(entry.stretch, say),
    picture: 'step' in entry ? pictureOf(result, say, entry.step, on.again.has(first.id)) : null,
    part: null
  };
}

interface PaperPlaces {
  readonly first: ReadonlyMap<string, string>;
  readonly again: ReadonlySet<string>;
  /** By the reason, the id of the step that gives it: it is printed once. */
  readonly why: ReadonlyMap<string, string>;
}

/** A text of this length or more is not printed twice. */
const LONG = 60;

/** What a step like it said before, right before it or under the same title, is not said again. */
function saidOnce(steps: readonly PaperStep[], say: Speech): PaperStep[] {
  const full = new Map<string, string>();
  let last = '';
  return steps.map((step) => {
    const text = step.text.join(' ');
    const again = text.length >= LONG && (text === last || full.get(step.title) === text);
    last = text;
    full.set(step.title, text);
    return again ? { ...step, text: [say.words.asBefore] } : step;
  });
}

/** Chapters of the plan, as on the screen: set up, knit, finish; of several pieces each in turn. */
function chaptersOf(result: Readings, say: Speech): Paper['chapters'] {
  const several = result.plan.pieces.length > 1;
  const { setUp, machine, hands } = say.words.chapters;
  const plan = several
    ? ([[machine, ['prepare', 'knit']], [hands, ['finish']]] as const) // prettier-ignore
    : ([[setUp, ['prepare']], [machine, ['knit']], [hands, ['finish']]] as const); // prettier-ignore
  const entries = plan.map(([title, phases]) => ({
    title,
    entries: entriesOf(result, result.steps.filter((s) => phases.some((phase) => phase === s.phase))) // prettier-ignore
  }));
  const on = {
    first: firstSaid(entries.flatMap((chapter) => chapter.entries), say), // prettier-ignore
    again: picturedBefore(result.steps),
    why: firstReasons(
      entries.flatMap((chapter) => chapter.entries),
      say
    )
  };
  return entries.map((chapter) => {
    let piece: number | null = null;
    const steps = chapter.entries.map((entry) => {
      const own = firstOf(entry).piece;
      const begins = several && firstOf(entry).phase !== 'finish' && own !== null && own !== piece;
      piece = own;
      const planned = own === null ? undefined : result.plan.pieces[own];
      const part =
        begins && planned ? `${planned.label}${planned.copies > 1 ? `, ${planned.copies} times` : ''}` : null;
      return { ...stepOf(result, say, entry, on), part };
    });
    return { title: chapter.title, steps: saidOnce(steps, say) };
  });
}

/** Work rows of every piece, with the letter of the yarn wherever it changes. */
function gridsOf(result: Readings, say: Speech): PaperGrid[] {
  const grids = new Map<string, { labels: string[]; pieces: number; rows: number; changes: Map<number, string> }>();
  result.fabric.pieces.forEach((piece, p) => {
    const { before, rows } = workOf(piece);
    if (rows === 0) return;
    const changes = new Map<number, string>();
    for (let row = 1; row <= rows; row++) {
      const yarn = piece.yarn[before + row - 1]!;
      if (row === 1 || yarn !== piece.yarn[before + row - 2]) changes.set(row, yarnLetter(yarn));
    }
    const { label, copies } = pieceAt(result, p).planned;
    const named = copies > 1 ? `${label}, ${copies} times` : label;
    const key = JSON.stringify([rows, ...changes]);
    const alike = grids.get(key);
    if (!alike) grids.set(key, { labels: [named], pieces: copies, rows, changes });
    else {
      alike.labels.push(named);
      alike.pieces += copies;
    }
  });
  return [...grids.values()].map(({ labels, ...grid }) => ({ ...grid, label: say.talk.list(labels) }));
}

/**
 * A plan as paper has it, to prop beside the machine: figures, yarns, drawings, every step with its cues and pictures, and its
 * rows to tick.
 *
 * @example paperOf(result).chapters[0].title // 'Set up'
 */
export function paperOf(result: Readings): Paper {
  const say = speak(result);
  const { units } = result.kit.habits;
  const machine = result.kit.machines.find((m) => m.id === result.brief.machineId);
  const figure = (label: string, f: Parameters<typeof showFigure>[0]) => ({ label, value: showFigure(f, units), range: showRange(f, units) }); // prettier-ignore
  return {
    title: result.brief.name,
    about: `${kindTitle(result.brief.kind)}${machine ? ` on ${machine.name}, ${machine.pins} ${say.talk.terms.pin}s` : ''}`,
    figures: [
      ...result.sizes.pieces
        .slice(0, 4)
        .filter((size) => size.rows > 0)
        .map((size) => figure(`${size.label}, ${say.talk.rows(size.rows)}`, size.lengthMm)),
      ...result.sizes.finished.map((named) => figure(figureName(named), named.figure)),
      figure('Time with finishing', result.pace.all)
    ],
    yarns: result.yarnUse.map((use, i) => ({
      letter: yarnLetter(i),
      hex: result.yarns[i]!.colour.hex,
      name: yarnName(result.yarns[i]!),
      need: `${showFigure(use.grams, units)}, ${showFigure(use.metres, units)}`
    })),
    notes: judged(result)
      .findings.filter((f) => f.weight !== 'note')
      .map((f) => say.finding(f)),
    tubes:
      result.outline.tubes.length <= MOST_TUBES
        ? result.outline.tubes.map(
            (tube, p) =>
            tubeScene(tube, result.yarns, pieceAt(result, p).fabric.pins, { width: 190, height: 430, rowsDone: null, slim: false }) // prettier-ignore
          )
        : [],
    finished:
      result.outline.tubes.length <= MOST_TUBES ? finishedScene(result, 420, 300) : finishedScene(result, 500, 330),
    chapters: chaptersOf(result, say),
    grids: gridsOf(result, say)
  };
}
