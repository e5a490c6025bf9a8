import type { Machine, Yarn } from '$lib/core/kit';
import { yarnName } from '$lib/core/kit/yarn-name';

/** Letters as people sort them; one collator for thousands of names. */
const { compare } = new Intl.Collator();

/** The order of machines everywhere: the largest ring first. */
export const largestFirst = (a: Machine, b: Machine): number => b.pins - a.pins || compare(a.name, b.name);

/** The order of yarns everywhere: by article and colour. */
export const byName = (a: Yarn, b: Yarn): number => compare(yarnName(a), yarnName(b));
