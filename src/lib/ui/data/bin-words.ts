import type { BinLine } from '$lib/store/bin';
import { size } from './size';

/** What kinds of things are called that lie in the bin. */
const WHAT: Readonly<Record<string, string>> = {
  project: 'Project',
  yarn: 'Yarn',
  machine: 'Machine',
  person: 'Person',
  swatch: 'Swatch',
  piece: 'Measured piece',
  series: 'Series',
  conversion: 'Converted gauge',
  photo: 'Photograph'
};

/** Records that are counted beside the thing itself: one, and several. */
const BESIDE: readonly (readonly [table: string, one: string, more: string])[] = [
  ['events', 'row or step', 'rows and steps'],
  ['photos', 'photograph', 'photographs'],
  ['newer', 'record of a newer version', 'records of a newer version']
];

/**
 * What an entry of the bin is and holds.
 *
 * @example binWords({ what: 'project', holds: { projects: 1, events: 212, photos: 3 } }) // 'Project, 212 rows and steps, 3 photographs'
 */
export function binWords({ what, holds }: Pick<BinLine, 'what' | 'holds'>): string {
  const beside = BESIDE.flatMap(([table, one, more]) => {
    // The thing itself is named already.
    const n = (holds[table] ?? 0) - (what === 'photo' && table === 'photos' ? 1 : 0);
    return n > 0 ? [`${n} ${n === 1 ? one : more}`] : [];
  });
  return [WHAT[what] ?? 'Something of a newer version', ...beside].join(', ');
}

/** How much room entries of the bin take. */
export const frees = (lines: readonly Pick<BinLine, 'bytes'>[]): string =>
  size(lines.reduce((sum, { bytes }) => sum + bytes, 0));
