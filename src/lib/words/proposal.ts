import type { Proposal } from '$lib/core/body';
import { showLength, type Units } from '$lib/core/quantity';
import { optionLabels } from './kinds';

const lists = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/**
 * What a choice set in other fields, and from which size.
 *
 * @example proposalWords('waistcoat', { changes: { crossBackMm: 400 }, size: 'Women M' }, 'metric')
 * // 'Set from the size table (Women M): cross back 40 cm.'
 */
export function proposalWords(kind: string, { changes, size }: Proposal, units: Units): string {
  const set = Object.entries(changes).map(
    ([key, mm]) => `${optionLabels(kind, key).title.toLowerCase()} ${showLength(mm, units)}`
  );
  return `Set from the size table (${size ?? ''}): ${lists.format(set)}.`;
}
