<script lang="ts">
  import { group } from 'd3-array';
  import { proposed } from '$lib/core/body';
  import { kindOf } from '$lib/core/kinds';
  import type { Yarn } from '$lib/core/kit';
  import { askedIn, choosing, optionFields, type OptionMeta, withStarts } from '$lib/core/plan';
  import { yarnLetter } from '$lib/draw/tube-parts';
  import { english, optionLabels, proposalWords, type SaidFinding } from '$lib/words';
  import { tell } from '../frame/tell.svelte';
  import FindingNote from '../finding/FindingNote.svelte';
  import type { ProjectState } from '../state/project.svelte';
  import BodyPick from './BodyPick.svelte';
  import OptionField from './OptionField.svelte';

  let { at, findings, onyarn }: { at: ProjectState; findings: readonly SaidFinding[]; onyarn: (yarn: Yarn) => void } =
    $props();
  const brief = $derived(at.project!.brief);
  // An edit makes a new brief; what hangs on its kind or on which fields are asked for is not made anew for it.
  const kind = $derived(brief.kind);
  const schema = $derived(kindOf(kind)!.options);
  const options = $derived(withStarts(schema, brief.options));
  const fields = $derived(optionFields(schema));
  const asked = $derived(askedIn(schema, options).join(' '));
  const groups = $derived.by(() => {
    const keys = asked.split(' ');
    return [...new Set(fields.map(({ meta }) => meta.group))].map((group) => {
      const own = fields.filter(({ key, meta }) => meta.group === group && keys.includes(key));
      return {
        group,
        fields: own.map((field) => ({ ...field, labels: optionLabels(kind, field.key) })),
        measures: own.flatMap(({ meta }) => meta.measure ?? [])
      };
    });
  });
  const NONE: readonly SaidFinding[] = [];
  const foundAt = $derived(group(findings, ({ place }) => place.option ?? ''));
  const letterOf = (id: string): string => {
    const i = at.result?.fabric.yarns.indexOf(id) ?? -1;
    return i < 0 ? '' : yarnLetter(i);
  };
  function choose(key: string, value: unknown): void {
    const also = proposed(schema, brief.options, key, value);
    at.edit({ options: { ...choosing(schema, at.result?.notes ?? null, options, key, value), ...also.changes } });
    if (also.size !== null) void tell(proposalWords(kind, also, at.units));
    // A school that is chosen is how this knitter begins the next time.
    if (fields.some((field) => field.key === key && field.meta.school)) at.school(key, String(value));
  }
  const wide = (meta: OptionMeta): boolean => !['length', 'count', 'machine'].includes(meta.control);
</script>

{#snippet pick(measures: string[])}
  <BodyPick {schema} {options} {measures} units={at.units} onpick={(picked) => at.edit({ options: picked })} />
{/snippet}

{#each groups as { group, fields: own, measures } (group)}
  <div class="unseen">
    <fieldset class="sheet p-4">
      <legend class="-ml-1 rounded bg-base-100 px-2 font-display text-lg font-semibold">{english.groups[group]}</legend>
      {#if measures.length > 1}<div class="mb-3">{@render pick(measures)}</div>{/if}
      <div class="grid grid-cols-1 gap-x-4 gap-y-1.5 sm:grid-cols-2">
        {#each own as { key, meta, labels } (key)}
          <div class={wide(meta) ? 'sm:col-span-2' : ''} id="option-{key}">
            <OptionField
              {meta}
              {labels}
              value={options[key]}
              kit={at.kit!}
              units={at.units}
              {letterOf}
              onvalue={(value) => choose(key, value)}
              {onyarn}
            />
            {#if meta.measure && measures.length === 1}{@render pick([meta.measure])}{/if}
          </div>
          {#each foundAt.get(key) ?? NONE as finding, i (`${finding.code} ${i}`)}
            <div class="mb-2 sm:col-span-2"><FindingNote {finding} onfix={(fix) => at.edit(fix.change)} /></div>
          {/each}
        {/each}
      </div>
    </fieldset>
  </div>
{/each}
