<script lang="ts">
  import { kindOf } from '$lib/core/kinds';
  import type { Yarn } from '$lib/core/kit';
  import { choosing, isAsked, optionFields, type OptionMeta, withStarts } from '$lib/core/plan';
  import { yarnLetter } from '$lib/draw/tube-parts';
  import { english, optionLabels, type SaidFinding } from '$lib/words';
  import FindingNote from '../finding/FindingNote.svelte';
  import type { ProjectState } from '../state/project.svelte';
  import BodyPick from './BodyPick.svelte';
  import OptionField from './OptionField.svelte';

  let { at, findings, onyarn }: { at: ProjectState; findings: readonly SaidFinding[]; onyarn: (yarn: Yarn) => void } =
    $props();
  const brief = $derived(at.project!.brief);
  const schema = $derived(kindOf(brief.kind)!.options);
  const options = $derived(withStarts(schema, brief.options));
  const fields = $derived(optionFields(schema));
  const groups = $derived([...new Set(fields.map((field) => field.meta.group))]);
  const shown = (meta: OptionMeta): boolean => isAsked(meta.when, options);
  const letterOf = (id: string): string => {
    const i = at.result?.fabric.yarns.indexOf(id) ?? -1;
    return i < 0 ? '' : yarnLetter(i);
  };
  function choose(key: string, value: unknown): void {
    at.edit({ options: choosing(schema, at.result?.notes ?? null, options, key, value) });
    // A school that is chosen is how this knitter begins the next time.
    if (fields.some((field) => field.key === key && field.meta.school)) at.school(key, String(value));
  }
  const codesIn = (group: string): string[] =>
    fields.flatMap(({ meta }) => (meta.group === group && meta.measure && shown(meta) ? [meta.measure] : []));
  const wide = (meta: OptionMeta): boolean => !['length', 'count', 'machine'].includes(meta.control);
</script>

{#snippet pick(measures: string[])}
  <BodyPick {schema} {options} {measures} units={at.units} onpick={(picked) => at.edit({ options: picked })} />
{/snippet}

{#each groups as group (group)}
  <fieldset class="sheet p-4">
    <legend class="-ml-1 rounded bg-base-100 px-2 font-display text-lg font-semibold">{english.groups[group]}</legend>
    {#if codesIn(group).length > 1}<div class="mb-3">{@render pick(codesIn(group))}</div>{/if}
    <div class="grid grid-cols-1 gap-x-4 gap-y-1.5 sm:grid-cols-2">
      {#each fields.filter((f) => f.meta.group === group && shown(f.meta)) as { key, meta } (key)}
        <div class={wide(meta) ? 'sm:col-span-2' : ''} id="option-{key}">
          <OptionField
            {meta}
            labels={optionLabels(brief.kind, key)}
            value={options[key]}
            kit={at.kit!}
            units={at.units}
            {letterOf}
            onvalue={(value) => choose(key, value)}
            {onyarn}
          />
          {#if meta.measure && codesIn(group).length === 1}{@render pick([meta.measure])}{/if}
        </div>
        {#each findings.filter((f) => f.place.option === key) as finding, i (`${finding.code} ${i}`)}
          <div class="mb-2 sm:col-span-2"><FindingNote {finding} onfix={(fix) => at.edit(fix.change)} /></div>
        {/each}
      {/each}
    </div>
  </fieldset>
{/each}
