import type { OptionWords } from '../../options';

/** Machines, cuffs and the rest. */
export const rest: Readonly<Record<string, OptionWords>> = {
  cuffStitches: { title: 'Stitches of a cuff', help: 'Picked up through both tubes.' },
  cuffRepeat: { title: 'Repeat of the cuff', help: 'The stitches must be a multiple of it.' },
  cuffBy: {
    title: 'Cuff',
    choices: {
      ribbed: {
        label: 'Ribbed',
        help: 'A foundation round, then rounds worked round the posts, from the front and from the back in turn.'
      },
      plain: { label: 'Plain', help: 'Rounds of single crochet: the quick choice.' }
    }
  },
  cuffRounds: { title: 'Rounds of the cuff' },
  smallMachine: { title: 'Machine for the small parts' },
  mode: {
    title: 'How it is cranked',
    choices: {
      panel: { label: 'PANEL mode', help: 'Between the stops; two stitches are lost at either end of the ring.' },
      'tube-as-panel': { label: 'TUBE, turned by hand', help: 'None is lost; keep away from the marker.' }
    }
  },
  yarnAt: {
    title: 'Yarn begins at',
    choices: {
      habit: { label: 'As you always do', help: 'By your habit, set on the Machines page.' },
      high: { label: 'The high pins', help: 'Cast on from low to high.' },
      low: { label: 'The low pins', help: 'A strip or a cast-on laid the other way.' }
    }
  },
  cordPins: { title: 'Pins of the line' }
};
