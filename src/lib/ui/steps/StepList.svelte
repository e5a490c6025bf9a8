<script lang="ts">
  import { entriesOf, pieceAt, type Step } from '$lib/core/read';
  import type { Readings } from '$lib/core/tomble';
  import { speak } from '$lib/words';
  import { doorsOf } from '$lib/words/glossary';
  import { saidIn } from '$lib/words/list/said';
  import { firstOf, firstReasons, firstSaid, picturedBefore } from '$lib/words/list/once';
  import StepEntry from './StepEntry.svelte';

  let { result }: { result: Readings } = $props();
  const { steps } = $derived(result);
  const say = $derived(speak(result));
  const several = $derived(result.plan.pieces.length > 1);
  // Of several parts each is set up, knitted and hung off in turn, and begins with its name.
  const chapters = $derived(
    (several
      ? ([
          [say.words.chapters.machine, ['prepare', 'knit']],
          [say.words.chapters.hands, ['finish']]
        ] as const)
      : ([
          [say.words.chapters.setUp, ['prepare']],
          [say.words.chapters.machine, ['knit']],
          [say.words.chapters.hands, ['finish']]
        ] as const)
    ).map(([title, phases]) => ({
      title,
      entries: entriesOf(
        result,
        steps.filter((s) => phases.some((phase) => phase === s.phase))
      )
    }))
  );
  const seen = $derived(picturedBefore(steps));
  const first = $derived(
    firstSaid(
      chapters.flatMap((chapter) => chapter.entries),
      say
    )
  );
  const reasons = $derived(
    firstReasons(
      chapters.flatMap((chapter) => chapter.entries),
      say
    )
  );
  const doors = $derived(
    doorsOf(
      chapters.flatMap((chapter) =>
        chapter.entries.flatMap((entry) => saidIn(entry, say).map((sentence) => [firstOf(entry).id, sentence] as const))
      ),
      say.talk
    )
  );
  const partOf = (step: Step, before: Step | undefined): string | null => {
    if (!several || step.phase === 'finish' || step.piece === null) return null;
    if (before?.piece === step.piece) return null;
    const { label, copies } = pieceAt(result, step.piece).planned;
    return copies > 1 ? `${label}, ${copies} times` : label;
  };
</script>

<div class="columns-1 gap-8 min-[110rem]:columns-2 print:columns-3 print:gap-3">
  {#each chapters as { title, entries } (title)}
    <h3 class="mt-3 mb-1 font-semibold first:mt-0">{title}</h3>
    <ol class="space-y-2 print:space-y-1">
      {#each entries as entry, i (firstOf(entry).id)}
        {@const part = partOf(firstOf(entry), i > 0 ? firstOf(entries[i - 1]!) : undefined)}
        {#if part}<li class="pt-2 font-semibold">{part}</li>{/if}
        <StepEntry
          {entry}
          {result}
          {say}
          picturedBefore={seen.has(firstOf(entry).id)}
          saidBefore={(sentence) => first.get(sentence) !== firstOf(entry).id}
          doors={(sentence) => doors(firstOf(entry).id, sentence)}
          reasonBefore={(why) => reasons.get(why) !== firstOf(entry).id}
        />
      {/each}
    </ol>
  {/each}
</div>
