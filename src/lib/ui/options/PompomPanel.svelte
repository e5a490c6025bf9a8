<script lang="ts">
  import { pompomMm, trimLoss, USUAL_CARD_MM, USUAL_WRAPS } from '$lib/core/body';
  import { kindOf } from '$lib/core/kinds';
  import { PompomWish } from '$lib/core/plan';
  import { showLength } from '$lib/core/quantity';
  import type { ProjectState } from '../state/project.svelte';
  import type { SaidFinding } from '$lib/words';
  import FindingNote from '../finding/FindingNote.svelte';
  import ChoiceField from './ChoiceField.svelte';
  import CountField from './CountField.svelte';
  import LengthField from './LengthField.svelte';
  import SwitchField from './SwitchField.svelte';
  import YarnField from './YarnField.svelte';

  let { at, findings }: { at: ProjectState; findings: readonly SaidFinding[] } = $props();
  const brief = $derived(at.project!.brief);
  const wish = $derived(brief.pompom);
  // Kinds that are pompoms, or have one among their own choices, need no second place to ask.
  const own = $derived(brief.kind === 'pompom' || 'trim' in (kindOf(brief.kind)?.options.shape ?? {}));
  const set = (change: Partial<PompomWish>): void => at.edit({ pompom: { ...wish!, ...change } });
  const usual = (): PompomWish =>
    PompomWish.parse({
      count: 1,
      wraps: USUAL_WRAPS,
      cardMm: USUAL_CARD_MM,
      yarn: at.result?.yarns[0]?.id ?? at.kit!.yarns[0]!.id
    });
</script>

{#if !own}
  <fieldset class="sheet p-4">
    <legend class="-ml-1 rounded bg-base-100 px-2 font-display text-lg font-semibold">Pompoms</legend>
    <SwitchField
      label="Put pompoms on it"
      help="Tied or buttoned on: they do not wash well."
      value={wish !== null}
      onvalue={(on) => at.edit({ pompom: on ? usual() : null })}
    />
    {#if wish}
      <div class="grid grid-cols-1 gap-x-4 gap-y-1.5 sm:grid-cols-2">
        <CountField label="How many" value={wish.count} min={1} max={200} onvalue={(count) => set({ count })} />
        <ChoiceField
          label="Made or bought"
          value={wish.from}
          choices={[
            { value: 'wound', label: 'Wound on a card' },
            { value: 'bought', label: 'Bought', help: 'It comes with a string or a button.' }
          ]}
          onvalue={(from) => set({ from: from as PompomWish['from'] })}
        />
        {#if wish.from === 'wound'}
          <CountField label="Wraps" value={wish.wraps} min={10} max={400} onvalue={(wraps) => set({ wraps })} />
          <LengthField
            label="Trimmed off all round"
            help="{Math.round(100 * trimLoss(wish.cardMm, wish.trimMm))} % of its yarn falls to the scissors."
            small
            valueMm={wish.trimMm}
            minMm={0}
            maxMm={20}
            units={at.units}
            onvalue={(mm) => mm !== null && set({ trimMm: mm })}
          />
        {/if}
        <LengthField
          label={wish.from === 'wound' ? 'Width of the card' : 'How wide it is'}
          help={wish.from === 'wound'
            ? `A ball of ${showLength(pompomMm(wish.cardMm, wish.trimMm), at.units)}, trimmed.`
            : ''}
          valueMm={wish.cardMm}
          minMm={20}
          maxMm={200}
          units={at.units}
          onvalue={(mm) => mm !== null && set({ cardMm: mm })}
        />
        <ChoiceField
          label="Fixed with"
          value={wish.by}
          choices={[
            { value: 'bow', label: 'A double bow inside' },
            { value: 'button', label: 'A button' }
          ]}
          onvalue={(by) => set({ by: by as PompomWish['by'] })}
        />
        {#if wish.by === 'button'}
          <LengthField
            label="Width of the button"
            help="Inside, the strings tied through its holes."
            small
            valueMm={wish.buttonMm}
            minMm={5}
            maxMm={60}
            units={at.units}
            onvalue={(mm) => mm !== null && set({ buttonMm: mm })}
          />
        {/if}
        <div class="sm:col-span-2">
          <YarnField
            label={wish.from === 'wound' ? 'Yarn of the pompoms' : 'Thread'}
            value={wish.yarn}
            yarns={at.kit!.yarns}
            onvalue={(yarn) => yarn && set({ yarn })}
          />
        </div>
      </div>
    {/if}
    {#each findings as finding (finding.code)}<FindingNote {finding} onfix={(fix) => at.edit(fix.change)} />{/each}
  </fieldset>
{/if}
