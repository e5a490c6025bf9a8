<script lang="ts">
  import SortHead from '../frame/SortHead.svelte';
  import {
    columnFilteringFeature,
    createFilteredRowModel,
    createSortedRowModel,
    createTable,
    globalFilteringFeature,
    rowSortingFeature,
    tableFeatures
  } from '@tanstack/svelte-table';
  import { createVirtualizer } from '@tanstack/svelte-virtual';
  import { MediaQuery } from 'svelte/reactivity';
  import { get } from 'svelte/store';
  import { ballsAtHand, className, heldTex, type Yarn, yarnName } from '$lib/core/kit';
  import { isExampleYarn } from '$lib/store/examples';
  import YarnDot from './YarnDot.svelte';

  let { yarns, filter, onopen }: { yarns: readonly Yarn[]; filter: string; onopen: (yarn: Yarn) => void } = $props();

  /** Where there is no room for all columns, name and stock stand there, the rest in small letters below the name. */
  const narrow = new MediaQuery('width < 60rem');
  const letter = parseFloat(getComputedStyle(document.documentElement).fontSize);
  const rowPx = $derived((narrow.current ? 3.75 : 2.75) * letter);
  /** Height of the headings, which stay on top. */
  const headPx = 2.5 * letter;
  /** Everything each yarn is found by, in small letters: made once, looked through with every key. */
  const texts = $derived(
    yarns.map((y) =>
      `${y.name} ${y.colour.name} ${y.fibre} ${className(y.weightClass)} ${y.behaviour.wash}`.toLowerCase()
    )
  );
  const words = $derived(filter.trim().toLowerCase().split(/\s+/));
  const features = tableFeatures({
    columnFilteringFeature,
    globalFilteringFeature,
    rowSortingFeature,
    filteredRowModel: createFilteredRowModel(),
    sortedRowModel: createSortedRowModel(),
    // Letters as people sort them, unknown numbers last.
    sortFns: {
      words: (a: { getValue: (id: string) => unknown }, b: { getValue: (id: string) => unknown }, id: string) =>
        String(a.getValue(id)).localeCompare(String(b.getValue(id))),
      numbers: (a: { getValue: (id: string) => unknown }, b: { getValue: (id: string) => unknown }, id: string) =>
        Number(a.getValue(id) ?? -1) - Number(b.getValue(id) ?? -1)
    },
    filterFns: {
      // Every word of the search must stand somewhere in the yarn.
      anywhere: (row: { index: number }) => words.every((word) => texts[row.index]!.includes(word))
    }
  });
  const COLUMNS = [
    { id: 'name', end: false, title: 'Yarn', of: (y: Yarn) => y.name, sortFn: 'words', width: 'minmax(9rem,2fr)' },
    {
      id: 'colour',
      end: false,
      title: 'Colour',
      of: (y: Yarn) => y.colour.name,
      sortFn: 'words',
      width: 'minmax(7rem,1.4fr)'
    },
    {
      id: 'class',
      end: false,
      title: 'Class',
      of: (y: Yarn) => y.weightClass,
      sortFn: 'numbers',
      width: 'minmax(6rem,1fr)'
    },
    { id: 'tex', end: true, title: 'tex', of: (y: Yarn) => heldTex(y), sortFn: 'numbers', width: '5rem' },
    { id: 'fibre', end: false, title: 'Fibre', of: (y: Yarn) => y.fibre, sortFn: 'words', width: 'minmax(8rem,2fr)' },
    {
      id: 'balls',
      end: true,
      title: 'Balls',
      of: ballsAtHand,
      sortFn: 'numbers',
      width: '4.5rem'
    },
    { id: 'grams', end: true, title: 'At hand', of: (y: Yarn) => y.stockGrams, sortFn: 'numbers', width: '6rem' }
  ] as const;
  const shown = $derived(narrow.current ? COLUMNS.filter((c) => c.id === 'name' || c.id === 'grams') : COLUMNS);
  const template = $derived(narrow.current ? 'minmax(0,1fr) 7rem' : COLUMNS.map((c) => c.width).join(' '));
  const stock = (y: Yarn): string => (y.stockGrams === null ? 'unknown' : `${Math.round(y.stockGrams)} g`);

  const table = createTable({
    features,
    columns: COLUMNS.map((c) => ({ id: c.id, accessorFn: c.of, header: c.title, sortFn: c.sortFn })),
    get data() {
      return yarns as Yarn[];
    },
    globalFilterFn: 'anywhere',
    // The search looks into the whole yarn, so that one column asks for it.
    getColumnCanGlobalFilter: (column) => column.id === 'name',
    state: {
      get globalFilter() {
        return filter.trim();
      }
    }
  });
  const rows = $derived(table.getRowModel().rows);
  let scroller = $state<HTMLDivElement>();
  let active = $state(0);
  const virtual = createVirtualizer<HTMLDivElement, HTMLDivElement>({
    count: 0,
    getScrollElement: () => scroller ?? null,
    estimateSize: () => rowPx,
    overscan: 8
  });
  $effect(() => {
    const size = rowPx;
    get(virtual).setOptions({
      count: rows.length,
      getScrollElement: () => scroller ?? null,
      estimateSize: () => size,
      scrollPaddingEnd: headPx
    });
    get(virtual).measure();
  });
  $effect(() => {
    if (active >= rows.length) active = Math.max(0, rows.length - 1);
  });

  const PAGE = 10;
  function move(event: KeyboardEvent): void {
    const to = {
      ArrowDown: active + 1,
      ArrowUp: active - 1,
      PageDown: active + PAGE,
      PageUp: active - PAGE,
      Home: 0,
      End: rows.length - 1
    }[event.key];
    const chosen = rows[active];
    // Enter on a heading sorts; only on the grid itself does it open the yarn.
    if (event.key === 'Enter' && chosen && event.target === event.currentTarget) {
      event.preventDefault();
      onopen(chosen.original);
    }
    if (to === undefined) return;
    event.preventDefault();
    active = Math.min(rows.length - 1, Math.max(0, to));
    $virtual.scrollToIndex(active);
  }
</script>

{#snippet example(y: Yarn)}{#if isExampleYarn(y)}<span class="ml-1 badge badge-sm">example</span>{/if}{/snippet}

<p class="mb-2 text-sm quiet" aria-live="polite">
  {rows.length === yarns.length ? `${yarns.length} yarns` : `${rows.length} of ${yarns.length} yarns`}
</p>
<div
  bind:this={scroller}
  role="grid"
  aria-label="Yarns"
  aria-rowcount={rows.length + 1}
  aria-activedescendant={rows[active] && `yarn-row-${rows[active]?.id}`}
  tabindex="0"
  onkeydown={move}
  class="max-h-[max(16rem,min(42rem,calc(100dvh-18rem)))] overflow-y-auto sheet"
  data-testid="stash-scroll"
>
  <div
    role="row"
    class="sticky top-0 z-10 grid border-b border-base-300 bg-base-200 text-sm"
    style="grid-template-columns:{template}"
  >
    {#each shown as column (column.id)}
      {@const sorted = table.getColumn(column.id)?.getIsSorted()}
      <div role="columnheader" aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'}>
        <SortHead
          title={column.title}
          sorted={sorted ?? false}
          end={column.end}
          onsort={(down) => table.getColumn(column.id)?.toggleSorting(down)}
        />
      </div>
    {/each}
  </div>
  <div class="relative" role="rowgroup" style="height:{$virtual.getTotalSize()}px">
    {#each $virtual.getVirtualItems() as item (item.key)}
      {@const row = rows[item.index]}
      {#if row}
        {@const y = row.original}
        <!-- The grid itself takes the keys: arrows, page keys and Enter. -->
        <!-- svelte-ignore a11y_click_events_have_key_events -->
        <div
          role="row"
          tabindex="-1"
          id="yarn-row-{row.id}"
          aria-rowindex={item.index + 2}
          class="absolute inset-x-0 top-0 grid cursor-pointer items-center border-b border-base-300/60 hover:bg-base-200 {item.index ===
          active
            ? 'bg-base-200 shadow-[inset_3px_0_0_var(--color-primary)]'
            : ''}"
          style="height:{rowPx}px;transform:translateY({item.start}px);grid-template-columns:{template}"
          onclick={() => {
            active = item.index;
            onopen(y);
          }}
        >
          {#if narrow.current}
            <div role="gridcell" class="flex min-w-0 items-center gap-2 pl-3 leading-tight">
              <YarnDot hex={y.colour.hex} size={24} />
              <span class="min-w-0">
                <span class="line-clamp-2 font-medium">{yarnName(y)}{@render example(y)}</span>
                <span class="block truncate text-sm quiet">{className(y.weightClass)}</span>
              </span>
            </div>
            <div role="gridcell" class="px-3 text-right numerals leading-tight">
              {stock(y)}
              {#if ballsAtHand(y) !== null}<span class="block text-sm quiet">{ballsAtHand(y)?.toFixed(1)} balls</span
                >{/if}
            </div>
          {:else}
            <div role="gridcell" class="flex min-w-0 items-center gap-2 px-3">
              <YarnDot hex={y.colour.hex} size={24} /><span class="truncate font-medium" title={y.name}>{y.name}</span
              >{@render example(y)}
            </div>
            <div role="gridcell" class="truncate px-3">
              {y.colour.name}{y.phases.length ? `, ${y.phases.length} phases` : ''}
            </div>
            <div role="gridcell" class="truncate px-3">{className(y.weightClass)}</div>
            <div role="gridcell" class="px-3 text-right numerals">{Math.round(heldTex(y))}</div>
            <div role="gridcell" class="truncate px-3 text-sm quiet">{y.fibre || 'not said'}</div>
            <div role="gridcell" class="px-3 text-right numerals">{ballsAtHand(y)?.toFixed(1) ?? '–'}</div>
            <div role="gridcell" class="px-3 text-right numerals">{stock(y)}</div>
          {/if}
        </div>
      {/if}
    {/each}
  </div>
</div>
