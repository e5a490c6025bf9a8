<script lang="ts">
  import type { Kit, Yarn } from '$lib/core/kit';
  import type { OptionMeta, Section, TypedSlope } from '$lib/core/plan';
  import type { Units } from '$lib/core/quantity';
  import type { Labelled } from '$lib/words';
  import { voiceOf } from '$lib/words';
  import ChoiceField from './ChoiceField.svelte';
  import CountField from './CountField.svelte';
  import LengthField from './LengthField.svelte';
  import MachineField from './MachineField.svelte';
  import SlopeField from './SlopeField.svelte';
  import SwitchField from './SwitchField.svelte';
  import YarnField from './YarnField.svelte';

  interface Props {
    meta: OptionMeta;
    labels: Labelled;
    value: unknown;
    kit: Kit;
    units: Units;
    letterOf: (yarnId: string) => string;
    onvalue: (value: unknown) => void;
    onyarn: (yarn: Yarn) => void;
  }
  let { meta, labels, value, kit, units, letterOf, onvalue, onyarn }: Props = $props();
</script>

{#if meta.control === 'length'}
  <LengthField
    label={labels.title}
    help={labels.help}
    valueMm={value as number}
    minMm={meta.min ?? 0}
    maxMm={meta.max ?? 10_000}
    small={meta.small ?? false}
    {units}
    {onvalue}
  />
{:else if meta.control === 'count'}
  <CountField
    label={labels.title}
    help={labels.help}
    value={value as number}
    min={meta.min ?? 0}
    max={meta.max ?? 10_000}
    {onvalue}
  />
{:else if meta.control === 'choice'}
  <ChoiceField label={labels.title} help={labels.help} value={value as string} choices={labels.choices} {onvalue} />
{:else if meta.control === 'switch'}
  <SwitchField label={labels.title} help={labels.help} value={value as boolean} {onvalue} />
{:else if meta.control === 'yarn'}
  <YarnField
    label={labels.title}
    help={labels.help}
    empty={labels.empty}
    value={value as string | null}
    yarns={kit.yarns}
    letter={letterOf((value as string | null) ?? '')}
    {onvalue}
    onchange={onyarn}
  />
{:else if meta.control === 'machine'}
  <MachineField label={labels.title} help={labels.help} value={value as string} machines={kit.machines} {onvalue} />
{:else if meta.control === 'slope'}
  <SlopeField
    label={labels.title}
    help={labels.help}
    value={value as TypedSlope | null}
    row={voiceOf(kit.habits).terms.row}
    {onvalue}
  />
{:else}
  <!-- Drag and drop is loaded where there are stripes to drag. -->
  {#await import('./SectionsField.svelte') then { default: SectionsField }}
    <SectionsField label={labels.title} value={value as Section[]} yarns={kit.yarns} {onvalue} />
  {/await}
{/if}
