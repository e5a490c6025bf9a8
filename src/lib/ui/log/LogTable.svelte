<script lang="ts">
  import SortHead from '../frame/SortHead.svelte';
  import { createSortedRowModel, createTable, rowSortingFeature, tableFeatures } from '@tanstack/svelte-table';
  import { format } from 'date-fns/format';
  import type { Kit } from '$lib/core/kit';
  import { offBy } from '$lib/core/log';
  import type { LogEntry } from '$lib/store/log';
  import { kindTitle } from '$lib/words';
  import { turn } from '../frame/turn';
  import { paths } from '../paths';
  import LogPicture from './LogPicture.svelte';

  let { entries, kit }: { entries: readonly LogEntry[]; kit: Kit } = $props();

  type Cell = { getValue: (id: string) => unknown };
  const features = tableFeatures({
    rowSortingFeature,
    sortedRowModel: createSortedRowModel(),
    sortFns: {
      words: (a: Cell, b: Cell, id: string) => String(a.getValue(id)).localeCompare(String(b.getValue(id))),
      // What is not known comes last.
      numbers: (a: Cell, b: Cell, id: string) => Number(a.getValue(id) ?? -1) - Number(b.getValue(id) ?? -1)
    }
  });
  /** How far the first figure is off, without its sign: what was least like its plan is found by it. */
  const off = (e: LogEntry): number | null => (e.figures[0] ? Math.abs(offBy(e.figures[0]) ?? 0) : null);
  const COLUMNS = [
    { id: 'name', title: 'Piece', of: (e: LogEntry) => e.project.brief.name, sortFn: 'words', end: false, wide: '' },
    {
      id: 'day',
      title: 'Finished',
      of: (e: LogEntry) => e.at.getTime(),
      sortFn: 'numbers',
      end: false,
      wide: 'max-md:hidden'
    },
    {
      id: 'machine',
      title: 'Machine',
      of: (e: LogEntry) => e.machine,
      sortFn: 'words',
      end: false,
      wide: 'max-lg:hidden'
    },
    {
      id: 'yarns',
      title: 'Yarn',
      of: (e: LogEntry) => e.yarns.join(', '),
      sortFn: 'words',
      end: false,
      wide: 'max-md:hidden'
    },
    {
      id: 'rows',
      title: 'Rows',
      of: (e: LogEntry) => e.measured.planned.rows,
      sortFn: 'numbers',
      end: true,
      wide: ''
    },
    {
      id: 'minutes',
      title: 'Minutes',
      of: (e: LogEntry) => e.measured.minutes,
      sortFn: 'numbers',
      end: true,
      wide: 'max-lg:hidden'
    },
    { id: 'off', title: 'Off plan', of: off, sortFn: 'numbers', end: true, wide: '' }
  ] as const;
  const table = createTable({
    features,
    columns: COLUMNS.map((c) => ({ id: c.id, accessorFn: c.of, header: c.title, sortFn: c.sortFn })),
    get data() {
      return entries as LogEntry[];
    }
  });
  const rows = $derived(table.getRowModel().rows);

  // Years of pieces are added a few at a time, the first ones at once.
  const FIRST = 24;
  let shown = $state(FIRST);
  $effect(() => {
    if (shown >= rows.length) return;
    void turn().then(() => (shown += FIRST));
  });
  function offWords(e: LogEntry): string {
    const first = e.figures[0];
    const share = first ? offBy(first) : null;
    if (!first || share === null) return '–';
    const n = Math.round(100 * share);
    return n === 0 ? 'as planned' : `${n > 0 ? '+' : '−'}${Math.abs(n)} %`;
  }
</script>

<div class="sheet">
  <table class="table w-full" aria-label="Finished pieces">
    <thead>
      <tr class="border-b border-base-300 bg-base-200 text-sm">
        <th scope="col" class="w-24 max-sm:w-18"><span class="sr-only">Picture</span></th>
        {#each COLUMNS as column (column.id)}
          {@const sorted = table.getColumn(column.id)?.getIsSorted()}
          <th
            scope="col"
            class="p-0 {column.wide}"
            aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'}
          >
            <SortHead
              title={column.title}
              sorted={sorted ?? false}
              end={column.end}
              onsort={(down) => table.getColumn(column.id)?.toggleSorting(down)}
            />
          </th>
        {/each}
      </tr>
    </thead>
    <tbody>
      {#each rows.slice(0, shown) as row (row.original.project.id)}
        {@const e = row.original}
        <tr class="border-b border-base-300/60 hover:bg-base-200">
          <td class="py-1.5 pl-3 max-sm:pl-1.5"><LogPicture project={e.project} {kit} /></td>
          <td class="px-3 max-sm:px-1.5">
            <a class="text-base font-semibold hover:underline" href={paths.entry(e.project.id)}
              >{e.project.brief.name}</a
            >
            <span class="block text-sm quiet"
              >{kindTitle(e.kind)}{e.project.forWhom ? `, ${e.project.forWhom}` : e.wearer ? `, ${e.wearer}` : ''}</span
            >
          </td>
          <td class="px-3 whitespace-nowrap max-md:hidden">{format(e.at, 'd MMM yyyy')}</td>
          <td class="px-3 max-lg:hidden">{e.machine}</td>
          <td class="px-3 max-md:hidden">{e.yarns.join(', ')}</td>
          <td class="px-3 text-right numerals">{e.measured.planned.rows}</td>
          <td class="px-3 text-right numerals max-lg:hidden"
            >{e.measured.minutes === null ? '–' : Math.round(e.measured.minutes)}</td
          >
          <td class="px-3 text-right numerals sm:whitespace-nowrap">{offWords(e)}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
