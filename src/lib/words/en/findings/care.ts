import type { SayFinding } from '../../words';

type Care =
  | 'baby-care'
  | 'baby-trim'
  | 'child-cord'
  | 'toy-eyes'
  | 'toy-sold'
  | 'toy-parts'
  | 'hot-care'
  | 'cord-care'
  | 'motor-care';

const RULES = 'Hospital units have their own rules for fibre and washing: ask them first.';

/** Where the work can hurt someone: short, and deferring to those who know (craft 11). */
export const care: SayFinding<Care> = {
  'baby-care': (f) => `${f.hat ? 'No hat on a sleeping baby.' : 'No loose fibres near a baby.'} ${RULES}`,
  'baby-trim': (f) =>
    `Not on a baby's ${f.hat ? 'hat' : 'things'}: ${{ pompom: 'a pompom comes off and is swallowed', button: 'a button comes off and is swallowed', cord: 'cords can strangle' }[f.what]}.`,
  'child-cord': (f) =>
    `${f.what === 'cord' ? "Cords near a child's neck can catch" : "Straps round a child's neck can catch"}. Rules for children's clothing exist where you live (for example EN 14682): follow them.`,
  'toy-eyes': () => 'No safety eyes for a child under 3: a small part that comes off is swallowed.',
  'toy-sold': () =>
    'Toys that are sold or given away must meet the law of the place (for example EN 71 or ASTM F963): ask there before the first one goes out.',
  'toy-parts': () => 'Pull at every limb and ear before it goes to a child: small parts are a choking hazard under 3.',
  'hot-care': (f) =>
    `Hot drinks: the ${f.over === 'mug' ? 'handle stays free and the bottom bare' : 'top stays free'}, so that it stands firm; wet wool passes the heat on, and nothing knitted goes near a flame.`,
  'cord-care': () =>
    'Hang it where small children and animals cannot reach the cord, and away from lamps that grow hot.',
  'motor-care': (f, t) =>
    `${t.machine(f.machine)} has a motor: low speed only, first ${t.terms.row}s by hand, hair and sleeves tied back, no children near.`
};
