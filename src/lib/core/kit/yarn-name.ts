import type { Yarn } from './yarn';

/** Name of a yarn with its colour, the way it is called in every sentence. @example yarnName(y) // 'Tidewool, Ember' */
export const yarnName = (yarn: Pick<Yarn, 'name' | 'colour'>): string => `${yarn.name}, ${yarn.colour.name}`;
