<script lang="ts">
  import type { Yarn } from '$lib/core/kit';
  import type { Step } from '$lib/core/read';
  import type { Result } from '$lib/core/tomble';
  import StepPicture from '../picture/StepPicture.svelte';
  import YarnDot from '../yarn/YarnDot.svelte';

  let { result }: { result: Result } = $props();
  const { steps, yarns } = $derived(result);
  const yarnIds = $derived(result.fabric.yarns);
  const several = $derived(result.plan.pieces.length > 1);
  // Of several parts each is set up, knitted and hung off in turn, and begins with its name.
  const chapters = $derived(
    (several
      ? ([
          ['At the machine', ['prepare', 'knit']],
          ['Finish by hand', ['finish']]
        ] as const)
      : ([
          ['Set up', ['prepare']],
          ['At the machine', ['knit']],
          ['Finish by hand', ['finish']]
        ] as const)
    ).map(([title, phases]) => ({ title, those: steps.filter((s) => phases.some((phase) => phase === s.phase)) }))
  );
  const partOf = (step: Step, before: Step | undefined): string | null => {
    if (!several || step.phase === 'finish' || step.piece === null) return null;
    if (before?.piece === step.piece) return null;
    const { label, copies } = result.plan.pieces[step.piece]!;
    return copies > 1 ? `${label}, ${copies} times` : label;
  };
  const yarnOf = (step: Step): Yarn | undefined => yarns[yarnIds.indexOf(step.yarnId ?? '')];
</script>

<div class="columns-1 gap-8 xl:columns-2 print:columns-2">
  {#each chapters as { title, those } (title)}
    <h3 class="mt-3 mb-1 font-semibold first:mt-0">{title}</h3>
    <ol class="space-y-2">
      {#each those as step, i (step.id)}
        {@const yarn = yarnOf(step)}
        {@const part = partOf(step, those[i - 1])}
        {#if part}<li class="pt-2 font-semibold">{part}</li>{/if}
        <li class="flex break-inside-avoid gap-3 border-l-3 border-base-300 pl-3">
          <div class="min-w-0 flex-1">
            <p class="flex items-center gap-2 font-medium">
              {#if yarn}<YarnDot hex={yarn.colour.hex} size={18} />{/if}
              <span>{step.title}</span>
            </p>
            {#if step.before}<p class="text-sm quiet">{step.before}</p>{/if}
            <p class="text-sm quiet">{step.detail}</p>
            {#if step.why}<p class="text-sm quiet italic">{step.why}</p>{/if}
            {#if step.cues.length}
              <ul class="mt-0.5 text-sm">
                {#each step.cues as cue (cue.kind + cue.row)}
                  <li>
                    <span class="numerals font-semibold">{cue.row === 0 ? 'start' : `row ${cue.row}`}</span> · {cue.sentence}
                  </li>
                {/each}
              </ul>
            {/if}
          </div>
          {#if step.finish !== null}<StepPicture {result} finish={step.finish} class="w-32 shrink-0" />{/if}
        </li>
      {/each}
    </ol>
  {/each}
</div>
