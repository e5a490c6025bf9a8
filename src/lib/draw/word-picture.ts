import { joinMomentsOf, momentsOf } from '$lib/core/read';
import type { Readings } from '$lib/core/tomble';
import { speak } from '$lib/words';
import type { WordPicture } from '$lib/words/glossary';
import { actSketch } from './acts';
import { momentScene } from './close-up/moment';
import { finishedScene } from './finished';
import { cutScene } from './hat';
import { ringScene } from './ring';
import type { Scene } from './scene';
import { sketchScene } from './sketch';
import { tubeScene } from './tube';

/** Pixels a picture of a word is wide and high. */
const [WIDTH, HEIGHT] = [300, 200];

/**
 * The picture of a word, drawn from a plan of the kind it names.
 *
 * @param planned a plan of a kind as it begins
 * @returns null where that plan does not hold what the picture names
 */
export function wordScene(picture: WordPicture, planned: (kind: string) => Readings): Scene | null {
  if (picture.of === 'ring') {
    const { kit, brief } = planned('lined-hat');
    return ringScene(
      kit.machines.find((m) => m.id === brief.machineId)!,
      HEIGHT
    );
  }
  const result = planned(picture.kind);
  const say = speak(result);
  switch (picture.of) {
    case 'tube': {
      const tube = result.outline.tubes[0];
      return tube ? tubeScene(tube, result.yarns, tube.pins, { width: 130, height: HEIGHT + 40, rowsDone: null, slim: false }) : null; // prettier-ignore
    }
    case 'finished':
      return finishedScene(result, WIDTH, HEIGHT);
    case 'cut':
      return result.outline.worn ? cutScene(result.outline.worn, result.yarns, WIDTH, HEIGHT) : null;
    case 'moment':
      for (const step of result.steps) {
        const told = step.piece === null ? [] : [...momentsOf(result, step), ...joinMomentsOf(result, step)];
        const moment = told.find((m) => m.code === picture.code);
        if (moment) return momentScene(result, step.piece!, moment, say, say.moment(moment), WIDTH + 60, HEIGHT);
      }
      return null;
    case 'act': {
      const index = result.plan.acts.findIndex((act) => act.do === picture.do && (picture.how === undefined || ('how' in act && act.how === picture.how))); // prettier-ignore
      const sketch = index < 0 ? null : actSketch(result, index, say);
      return sketch && sketchScene(sketch, result.yarns, WIDTH, HEIGHT, true, true);
    }
  }
}
