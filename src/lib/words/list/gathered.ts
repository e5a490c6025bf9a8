import type { Cue } from '$lib/core/read';
import type { Speech } from '..';

/** Something that is due, with all the rows it is due after. */
interface Gathered {
  readonly sentence: string;
  readonly rows: number[];
}

/** Cues of a stretch for a list: what is due again and again is written once, and what a tape shows stands in one line. */
export function gathered(cues: readonly Cue[], say: Speech): Gathered[] {
  const tapes = cues.flatMap((cue) => (cue.kind === 'tape' ? [cue] : []));
  const found = new Map<string, number[]>();
  for (const cue of cues) {
    const sentence =
      cue.kind === 'tape' && tapes.length > 1
        ? say.words.tapes(
            tapes.map(({ facts }) => facts),
            say.talk
          )
        : say.cue(cue);
    found.set(sentence, [...(found.get(sentence) ?? []), cue.row]);
  }
  return [...found].map(([sentence, rows]) => ({ sentence, rows }));
}
