<script lang="ts">
  import type { Yarn } from '$lib/core/kit';
  import type { Cue, Entry } from '$lib/core/read';
  import type { Result } from '$lib/core/tomble';
  import StepPicture from '../picture/StepPicture.svelte';
  import YarnDot from '../yarn/YarnDot.svelte';

  let { entry, result }: { entry: Entry; result: Result } = $props();
  const JOIN = 'Change yarn as before.';
  const yarnOf = (id: string | null): Yarn | undefined => result.yarns[result.fabric.yarns.indexOf(id ?? '')];
</script>

{#snippet head(title: string, yarnId: string | null)}
  {@const yarn = yarnOf(yarnId)}
  <p class="flex items-center gap-2 font-medium">
    {#if yarn}<YarnDot hex={yarn.colour.hex} size={18} />{/if}
    <span>{title}</span>
  </p>
{/snippet}

{#snippet due(cues: readonly Cue[])}
  {#if cues.length}
    <ul class="mt-0.5 text-sm">
      {#each cues as cue (`${cue.kind} ${cue.row} ${cue.sentence}`)}
        <li>
          <span class="numerals font-semibold">{cue.row === 0 ? 'start' : `row ${cue.row}`}</span> · {cue.sentence}
        </li>
      {/each}
    </ul>
  {/if}
{/snippet}

{#if 'step' in entry}
  {@const { step } = entry}
  <li class="flex break-inside-avoid gap-3 border-l-3 border-base-300 pl-3">
    <div class="min-w-0 flex-1">
      {@render head(step.title, step.yarnId)}
      {#if step.before}<p class="text-sm quiet">{entry.again ? JOIN : step.before}</p>{/if}
      <p class="text-sm quiet">{step.detail}</p>
      {#if step.why}<p class="text-sm quiet italic">{step.why}</p>{/if}
      {@render due(step.cues)}
    </div>
    {#if step.finish !== null}<StepPicture {result} finish={step.finish} class="w-32 shrink-0 print:w-[2.6cm]" />{/if}
  </li>
{:else}
  {@const { stretch } = entry}
  <li class="border-l-3 border-accent pl-3">
    {@render head(stretch.title, stretch.yarnId)}
    {#if stretch.before}<p class="text-sm quiet">{entry.again ? JOIN : stretch.before}</p>{/if}
    <p class="text-sm quiet">{stretch.detail}</p>
    <ol class="my-1 rounded-field bg-base-200 px-2 py-1 text-sm">
      {#each stretch.lines as line (line.afterRow)}
        <li class="flex gap-2">
          <span class="w-20 shrink-0 numerals font-semibold">after {line.afterRow}</span>
          <span
            >{#each line.titles as title (title)}<span class="block">{title}</span>{/each}</span
          >
        </li>
      {/each}
    </ol>
    {#each stretch.how as step (step.id)}
      <p class="text-sm quiet"><span class="font-medium">{step.title}:</span> {step.detail}</p>
      {#if step.why}<p class="text-sm quiet italic">{step.why}</p>{/if}
    {/each}
    {@render due(stretch.cues)}
  </li>
{/if}
