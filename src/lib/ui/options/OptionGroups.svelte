<script lang="ts">
  import { kindOf } from '$lib/core/kinds';
  import type { Yarn } from '$lib/core/kit';
  import { type Finding, optionFields, type OptionMeta } from '$lib/core/plan';
  import { yarnLetter } from '$lib/draw/tube';
  import FindingNote from '../finding/FindingNote.svelte';
  import type { ProjectState } from '../state/project.svelte';
  import MeasurePick from './MeasurePick.svelte';
  import OptionField from './OptionField.svelte';

  let { at, findings, onyarn }: { at: ProjectState; findings: readonly Finding[]; onyarn: (yarn: Yarn) => void } =
    $props();
  const brief = $derived(at.project!.brief);
  const fields = $derived(optionFields(kindOf(brief.kind)!.options));
  const groups = $derived([...new Set(fields.map((field) => field.meta.group))]);
  const shown = (meta: OptionMeta): boolean => !meta.when || meta.when.is.includes(brief.options[meta.when.key]);
  const letterOf = (id: string): string => {
    const i = at.result?.fabric.yarns.indexOf(id) ?? -1;
    return i < 0 ? '' : yarnLetter(i);
  };
  const wide = (meta: OptionMeta): boolean => !['length', 'count', 'machine'].includes(meta.control);
</script>

{#each groups as group (group)}
  <fieldset class="rounded-box border border-base-300 bg-base-100 p-4">
    <legend class="-ml-1 rounded bg-base-100 px-2 font-display text-lg font-semibold">{group}</legend>
    <div class="grid grid-flow-dense grid-cols-1 gap-x-4 gap-y-1.5 sm:grid-cols-2">
      {#each fields.filter((f) => f.meta.group === group && shown(f.meta)) as { key, meta } (key)}
        <div class={wide(meta) ? 'sm:col-span-2' : ''} id="option-{key}">
          <OptionField
            {meta}
            value={brief.options[key]}
            kit={at.kit!}
            units={at.units}
            {letterOf}
            onvalue={(value) => at.edit({ options: { [key]: value } })}
            {onyarn}
          />
          {#if meta.measure}
            <MeasurePick
              measure={meta.measure}
              valueMm={brief.options[key] as number}
              units={at.units}
              onvalue={(mm) => at.edit({ options: { [key]: mm } })}
            />
          {/if}
        </div>
        {#each findings.filter((f) => f.place.option === key) as finding (finding.code + finding.sentence)}
          <div class="mb-2 sm:col-span-2"><FindingNote {finding} onfix={(fix) => at.edit(fix.change)} /></div>
        {/each}
      {/each}
    </div>
  </fieldset>
{/each}
