import { chiSquaredDistributionTable } from 'simple-statistics';
import type { Evidence, Nearness } from './evidence';
import { combined, type Normal, nineTenths, updated } from './normal';

/**
 * Learning a gauge. Rows per cm and stitches per cm are learned apart, on the scale of their logarithms, where an
 * error of 3 % is the same whether the fabric is fine or coarse. Common practice is the prior; every swatch and every
 * finished piece is an observation whose error shrinks with the length that was measured. Evidence of another hole or
 * another yarn counts too, but what sets that hole or yarn apart is an error that all its pieces share, so it never
 * says more than one measurement would.
 */

/** Relative difference another tension hole makes, as a standard deviation (own estimate, no source). */
const HOLE_SD = 0.04;

/** Relative difference another yarn of the same class makes, as a standard deviation (own estimate, no source). */
const YARN_SD = 0.05;

const GROUP_SD: Readonly<Record<Nearness, number>> = {
  same: 0,
  'other-hole': HOLE_SD,
  'other-yarn': combined(YARN_SD, HOLE_SD)
};

/** Standard errors from what the rest says at which an observation is called an outlier (common practice, no source). */
const OUTLIER_AT = 2.5;

/** An estimate of one gauge, on its natural scale. */
export interface Estimate {
  readonly value: number;
  /** Nine tenths of what the true gauge may be. */
  readonly low: number;
  readonly high: number;
  /** Relative standard deviation of the true gauge. */
  readonly sd: number;
}

/** How the estimate stood after one more piece of evidence. */
export interface Move extends Estimate {
  readonly evidence: Evidence;
  /** What this evidence says by itself. */
  readonly says: number;
  /** Standard errors from what all the other evidence says. */
  readonly off: number;
  readonly outlier: boolean;
}

interface Seen extends Normal {
  readonly evidence: Evidence;
}

/** Observations with the error their group shares: each group is first one observation of its own gauge. */
function observations(seen: readonly Seen[]): Normal[] {
  const groups = new Map<string, Seen[]>();
  for (const one of seen) {
    const key = `${one.evidence.nearness} ${one.evidence.group}`;
    const group = groups.get(key);
    if (group) group.push(one);
    else groups.set(key, [one]);
  }
  return [...groups.values()].map((group) => {
    const own = updated({ mean: 0, sd: Infinity }, group);
    return { mean: own.mean, sd: combined(own.sd, GROUP_SD[group[0]!.evidence.nearness]) };
  });
}

/** Back from the logarithm of the ratio to the prior. */
function natural(prior: number, n: Normal): Estimate {
  const { low, high } = nineTenths(n);
  return { value: prior * Math.exp(n.mean), low: prior * Math.exp(low), high: prior * Math.exp(high), sd: n.sd };
}

/**
 * Standard errors of every observation from what the others say. The worst one beyond the limit is called an outlier
 * and leaves, then the rest is looked at again: one bad piece must not throw suspicion on all the good ones.
 */
function offsets(start: Normal, seen: readonly Seen[]): { off: Map<Seen, number>; outliers: Set<Seen> } {
  const outliers = new Set<Seen>();
  for (;;) {
    const trusted = seen.filter((one) => !outliers.has(one));
    const off = new Map<Seen, number>();
    for (const one of seen) {
      const others = updated(start, observations(trusted.filter((other) => other !== one)));
      const error = combined(one.sd, GROUP_SD[one.evidence.nearness], others.sd);
      off.set(one, (one.mean - others.mean) / error);
    }
    const worst = trusted.reduce<Seen | undefined>(
      (found, one) => (found && Math.abs(off.get(found)!) >= Math.abs(off.get(one)!) ? found : one),
      undefined
    );
    if (!worst || Math.abs(off.get(worst)!) <= OUTLIER_AT) return { off, outliers };
    outliers.add(worst);
  }
}

/** What practice says of one gauge: value and relative standard deviation. */
export interface Prior {
  readonly value: number;
  readonly sd: number;
}

function seenIn(prior: Prior, evidence: readonly Evidence[], of: 'courses' | 'wales'): Seen[] {
  return evidence.flatMap((e): Seen[] => {
    const value = e[of];
    const sd = of === 'courses' ? e.coursesSd : e.walesSd;
    return value === null ? [] : [{ mean: Math.log(value / prior.value), sd, evidence: e }];
  });
}

const counts = (one: Seen): boolean => !one.evidence.setAside;

/**
 * Learns one gauge from a prior and all evidence that is not set aside.
 *
 * @param of which gauge
 * @example learn({ value: 2, sd: 0.05 }, [], 'courses').value // 2
 */
export function learn(prior: Prior, evidence: readonly Evidence[], of: 'courses' | 'wales'): Estimate {
  const seen = seenIn(prior, evidence, of).filter(counts);
  return natural(prior.value, updated({ mean: 0, sd: prior.sd }, observations(seen)));
}

/** The share of sets of measurements that agree less than this by chance alone (common practice, no source). */
const BY_CHANCE = 0.05;

/** Quantile of the chi-squared distribution beyond which measurements disagree by more than chance, from its table. */
function disagreeBeyond(freedom: number): number {
  const table: Readonly<Record<number, { readonly [BY_CHANCE]: number }>> = chiSquaredDistributionTable;
  const known = Object.keys(table).map(Number).filter((n) => n <= freedom).at(-1) ?? 1; // prettier-ignore
  return (table[known]![BY_CHANCE]! * freedom) / known;
}

/**
 * How many times wider a range must be because its evidence disagrees: the scale factor of Birge (1932, from memory), taken
 * only where the spread is more than chance would make it.
 *
 * @example disagreement({ value: 2, sd: 0.05 }, [], 'courses') // 1
 */
function disagreement(prior: Prior, evidence: readonly Evidence[], of: 'courses' | 'wales'): number {
  const seen = seenIn(prior, evidence, of).filter(counts);
  if (seen.length === 0) return 1;
  const start: Normal = { mean: 0, sd: prior.sd };
  const { mean } = updated(start, observations(seen));
  const each = seen.map((one): Normal => ({ mean: one.mean, sd: combined(one.sd, GROUP_SD[one.evidence.nearness]) }));
  const chi2 = [start, ...each].reduce((sum, one) => sum + ((one.mean - mean) / one.sd) ** 2, 0);
  return Math.max(1, Math.sqrt(chi2 / disagreeBeyond(seen.length)));
}

/**
 * What is believed of a gauge, its range as wide as the evidence disagrees, and never so narrow that it leaves out a swatch
 * of the same yarn, ring and hole it was learned from.
 */
export function believed(prior: Prior, evidence: readonly Evidence[], of: 'courses' | 'wales'): Estimate {
  const { value, sd } = learn(prior, evidence, of);
  const wide = sd * disagreement(prior, evidence, of);
  const { low, high } = nineTenths({ mean: Math.log(value), sd: wide });
  const own = evidence.flatMap((e) => (e.kind === 'swatch' && e.nearness === 'same' && !e.setAside && e[of] !== null ? [e[of]] : [])); // prettier-ignore
  return { value, sd: wide, low: Math.min(Math.exp(low), ...own), high: Math.max(Math.exp(high), ...own) };
}

/**
 * How the estimate moved with every piece of evidence, and which of them does not belong. An outlier still counts; it
 * is named, and the knitter decides whether to set it aside.
 *
 * @param evidence oldest first
 */
export function movesOf(prior: Prior, evidence: readonly Evidence[], of: 'courses' | 'wales'): Move[] {
  const start: Normal = { mean: 0, sd: prior.sd };
  const all = seenIn(prior, evidence, of);
  const { off, outliers } = offsets(start, all.filter(counts));
  const known: Seen[] = [];
  return all.map((one): Move => {
    if (counts(one)) known.push(one);
    return {
      ...natural(prior.value, updated(start, observations(known))),
      evidence: one.evidence,
      says: prior.value * Math.exp(one.mean),
      off: off.get(one) ?? 0,
      outlier: outliers.has(one)
    };
  });
}
