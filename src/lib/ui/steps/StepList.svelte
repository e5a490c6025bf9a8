<script lang="ts">
  import { entriesOf, type Entry, type Step } from '$lib/core/read';
  import type { Result } from '$lib/core/tomble';
  import { speak } from '$lib/words';
  import { gathered } from './gathered';
  import StepEntry from './StepEntry.svelte';

  let { result }: { result: Result } = $props();
  const { steps } = $derived(result);
  const say = $derived(speak(result));
  const firstOf = (entry: Entry): Step => ('step' in entry ? entry.step : entry.stretch.steps[0]!);
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
  /** Steps at the machine like one before them, in a piece before: on paper their picture stands once. */
  const seen = $derived.by(() => {
    const kinds = new Set<string>();
    return new Set(
      steps.flatMap(({ id, act, what }) => {
        const again = act === null && kinds.has(what.say);
        kinds.add(what.say);
        return again ? [id] : [];
      })
    );
  });
  /** The first entry that says a thing which is minded while rows go by. */
  const firstSaid = $derived.by(() => {
    const first = new Map<string, string>();
    for (const entry of chapters.flatMap((chapter) => chapter.entries)) {
      const cues = 'step' in entry ? entry.step.cues : entry.stretch.cues;
      for (const { sentence } of gathered(cues, say)) if (!first.has(sentence)) first.set(sentence, firstOf(entry).id);
    }
    return first;
  });
  const partOf = (step: Step, before: Step | undefined): string | null => {
    if (!several || step.phase === 'finish' || step.piece === null) return null;
    if (before?.piece === step.piece) return null;
    const { label, copies } = result.plan.pieces[step.piece]!;
    return copies > 1 ? `${label}, ${copies} times` : label;
  };
</script>

<div class="columns-1 gap-8 xl:columns-2 print:columns-2 print:gap-5">
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
          saidBefore={(sentence) => firstSaid.get(sentence) !== firstOf(entry).id}
        />
      {/each}
    </ol>
  {/each}
</div>
