<script lang="ts">
  import { Dialog } from 'bits-ui';
  import { format } from 'date-fns';
  import type { TableName } from '$lib/formats/bundle/contents';
  import type { Strays } from '$lib/formats/bundle/strays';
  import type { How } from '$lib/store/backup';
  import type { Looked } from '$lib/workers/bundle.worker';
  import DialogFrame from '../frame/DialogFrame.svelte';
  import FaultNote from '$lib/ui/frame/FaultNote.svelte';

  interface Props {
    name: string;
    looked: Looked;
    /**
     * @param onwait is called when another window is at it
     * @returns why it could not be brought in, or nothing
     */
    ontake: (how: How, onwait: () => void) => Promise<string>;
    onclose: () => void;
  }
  let { name, looked, ontake, onclose }: Props = $props();
  let how = $state<How>('merge');
  let fault = $state('');
  let working = $state(false);
  let waits = $state(false);

  const NAMES: Readonly<Record<TableName, string>> = {
    projects: 'Projects',
    events: 'Rows and steps at the crank',
    machines: 'Machines',
    yarns: 'Yarns',
    swatches: 'Swatches',
    observations: 'Measured pieces',
    people: 'People',
    photos: 'Photographs',
    series: 'Series',
    conversions: 'Converted gauges',
    bin: 'Deleted things in the bin',
    newer: 'Things of a newer version',
    habits: 'Habits',
    settings: 'Settings'
  };
  const ORDER = Object.keys(NAMES) as TableName[];
  const shown = $derived(
    looked.ok ? ORDER.filter((table) => Object.values(looked.comparison[table]).some((n) => n > 0)) : []
  );
  /** What the backup holds of projects that it does not hold. */
  function strayWords({ projects, events, photos }: Strays): string {
    const many = (n: number, one: string, more: string): string[] => (n > 0 ? [`${n} ${n === 1 ? one : more}`] : []);
    const what = [...many(events, 'row or step', 'rows and steps'), ...many(photos, 'photograph', 'photographs')];
    const of = projects === 1 ? 'a project that is' : `${projects} projects that are`;
    return `It also holds ${what.join(' and ')} of ${of} not in it. They are kept and show nowhere.`;
  }
  async function take(): Promise<void> {
    working = true;
    fault = await ontake(how, () => (waits = true));
    [working, waits] = [false, false];
  }
</script>

<DialogFrame title={looked.ok ? 'Bring this backup in?' : 'This file stays outside'} about={name} width={40} {onclose}>
  {#if looked.ok}
    <p>
      Made on {format(new Date(looked.createdAt), 'd MMMM yyyy, HH:mm')}. Every file in it was checked and is whole.
    </p>
    <div class="mt-3 overflow-x-auto">
      <table class="w-full text-left">
        <thead>
          <tr class="border-b border-base-300 text-sm quiet">
            <th class="py-1 pr-2 font-normal">In the backup</th>
            <th class="px-2 text-right font-normal">new</th>
            <th class="px-2 text-right font-normal">changed</th>
            <th class="px-2 text-right font-normal">the same</th>
            <th class="pl-2 text-right font-normal">only here</th>
          </tr>
        </thead>
        <tbody>
          {#each shown as table (table)}
            {@const count = looked.comparison[table]}
            <tr class="border-b border-base-300/60">
              <th class="py-1.5 pr-2 font-semibold">{NAMES[table]}</th>
              {#each [count.fresh, count.changed, count.same, count.onlyHere] as number, i (i)}
                <td
                  class="px-2 text-right numerals last:pr-0 {number ? (i === 2 ? 'quiet' : 'font-semibold') : 'quiet'}"
                  >{number || '–'}</td
                >
              {/each}
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
    <fieldset class="mt-4 grid gap-2 sm:grid-cols-2">
      <legend class="sr-only">How it is brought in</legend>
      {#each [{ value: 'merge', label: 'Merge', help: 'What is only here stays. Where both differ, the backup stands.' }, { value: 'replace', label: 'Replace', help: 'Afterwards this browser holds what the backup holds, and nothing else.' }] as const as choice (choice.value)}
        <label
          class="flex cursor-pointer gap-3 rounded-lg border-2 p-3 {how === choice.value
            ? 'border-primary bg-primary/8'
            : 'border-base-300'}"
        >
          <input
            type="radio"
            class="mt-0.5 size-5 shrink-0 self-start accent-primary"
            name="how"
            value={choice.value}
            bind:group={how}
          />
          <span><strong class="block">{choice.label}</strong><span class="text-sm">{choice.help}</span></span>
        </label>
      {/each}
    </fieldset>
    {#if how === 'merge' && looked.binned.length}
      <p class="mt-3 text-sm">
        {#if looked.binned.length === 1}<strong>{looked.binned[0]}</strong> was deleted here and stays in the bin.
        {:else}<strong>{looked.binned.slice(0, 5).join(', ')}</strong>{looked.binned.length > 5
            ? ` and ${looked.binned.length - 5} more`
            : ''} were deleted here and stay in the bin.{/if}
      </p>
    {/if}
    {#if looked.strays}
      <p class="mt-3 text-sm">{strayWords(looked.strays)}</p>
    {/if}
    {#if waits}
      <p class="mt-3 border-l-4 border-info bg-info/15 px-3 py-2" role="status">
        <strong>Another window is bringing in a backup.</strong> This one waits until that is done.
      </p>
    {/if}
    <p class="mt-3 text-sm quiet">What is here now is kept first: you can go back to it on this page.</p>
    <FaultNote {fault} />
  {:else}
    <ul class="space-y-2" role="alert">
      {#each looked.reasons as reason (reason)}
        <li class="rounded-lg border-l-4 border-error bg-error/8 px-3 py-2 text-sm wrap-anywhere">{reason}</li>
      {/each}
    </ul>
    <p class="mt-3 text-sm">Nothing stored was changed.</p>
  {/if}
  <div class="mt-5 flex justify-end gap-2">
    <Dialog.Close class="btn btn-ghost">{looked.ok ? 'Leave it' : 'Close'}</Dialog.Close>
    {#if looked.ok}<button type="button" class="btn btn-primary" disabled={working} onclick={take}
        >{working ? (waits ? 'Waiting …' : 'Bringing it in …') : how === 'merge' ? 'Merge it' : 'Replace all'}</button
      >{/if}
  </div>
</DialogFrame>
