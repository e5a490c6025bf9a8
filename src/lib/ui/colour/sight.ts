import {
  converter,
  filterDeficiencyDeuter,
  filterDeficiencyProt,
  filterDeficiencyTrit,
  filterGrayscale,
  formatHex,
  modeRgb,
  type Rgb,
  useMode
} from 'culori/fn';

useMode(modeRgb);

/** Ways of seeing colours: as most do, with a common deficiency, or under a lamp so dim that colours go. */
export const SIGHTS = ['usual', 'red', 'green', 'blue', 'grey'] as const;
export type Sight = (typeof SIGHTS)[number];

export const SIGHT_WORDS: Readonly<Record<Sight, string>> = {
  usual: 'As most see it',
  red: 'Without red (protan)',
  green: 'Without green (deutan)',
  blue: 'Without blue (tritan)',
  grey: 'Light and dark alone'
};

type Filter = (colour: Rgb) => Rgb;
const rgb = converter('rgb');

const FILTERS: Readonly<Record<Exclude<Sight, 'usual'>, Filter>> = {
  red: filterDeficiencyProt(1),
  green: filterDeficiencyDeuter(1),
  blue: filterDeficiencyTrit(1),
  grey: filterGrayscale(1, 'rgb') as Filter
};

const seen = (filter: Filter, hex: string): string | undefined => {
  const colour = rgb(hex);
  return colour && formatHex(filter(colour));
};

/** How a colour looks by a way of seeing. @example sightOf('grey')('#ff0000') */
export const sightOf =
  (sight: Sight) =>
  (hex: string): string =>
    sight === 'usual' ? hex : (seen(FILTERS[sight], hex) ?? hex);
