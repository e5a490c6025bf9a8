<script lang="ts">
  import { HEAD_SIZES } from '$lib/core/body';
  import { kindOf } from '$lib/core/kinds';
  import type { Yarn } from '$lib/core/kit';
  import { type Finding, optionFields, type OptionMeta } from '$lib/core/plan';
  import { showLength } from '$lib/core/quantity';
  import { yarnLetter } from '$lib/draw/tube';
  import FindingNote from '../finding/FindingNote.svelte';
  import { db } from '../state/db';
  import { live } from '../state/live.svelte';
  import type { ProjectState } from '../state/project.svelte';
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
  const wide = (meta: OptionMeta): boolean => meta.control !== 'length' && meta.control !== 'count';
  const people = live(() => db().people.toArray());
  const heads = $derived(
    (people.value ?? []).flatMap((p) =>
      p.measures['head'] ? [{ id: p.id, name: p.name, mm: p.measures['head'] }] : []
    )
  );
  const small = $derived(
    heads.find((h) => h.mm === brief.options['headMm'])?.id ??
      HEAD_SIZES.find((size) => size.girthMm === brief.options['headMm'])?.code ??
      ''
  );
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
          {#if key === 'headMm'}
            <label class="block pb-1 text-sm quiet">
              No head at hand?
              <select
                class="select mt-0.5 w-full text-base text-base-content"
                value={small}
                onchange={(e) => {
                  const picked = e.currentTarget.value;
                  const mm =
                    heads.find((h) => h.id === picked)?.mm ?? HEAD_SIZES.find((s) => s.code === picked)?.girthMm;
                  if (mm) at.edit({ options: { headMm: mm } });
                }}
              >
                <option value="">This is measured</option>
                {#each heads as head (head.id)}<option value={head.id}
                    >{head.name}, {showLength(head.mm, at.units)}</option
                  >{/each}
                {#each HEAD_SIZES as size (size.code)}<option value={size.code}
                    >{size.label}, {showLength(size.girthMm, at.units)}</option
                  >{/each}
              </select>
            </label>
          {/if}
        </div>
        {#each findings.filter((f) => f.place.option === key) as finding (finding.code + finding.sentence)}
          <div class="mb-2 sm:col-span-2"><FindingNote {finding} onfix={(fix) => at.edit(fix.change)} /></div>
        {/each}
      {/each}
    </div>
  </fieldset>
{/each}
