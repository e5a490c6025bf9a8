<script lang="ts">
  import CircleAlert from '@lucide/svelte/icons/circle-alert';
  import Info from '@lucide/svelte/icons/info';
  import OctagonX from '@lucide/svelte/icons/octagon-x';
  import type { SaidFinding, SaidFix } from '$lib/words';
  import Worded from '../words/Worded.svelte';

  let { finding, onfix }: { finding: SaidFinding; onfix: (fix: SaidFix) => void } = $props();
  const LOOK = {
    stop: { icon: OctagonX, word: 'Stop', frame: 'border-error bg-error/8', ink: 'text-error' },
    warn: { icon: CircleAlert, word: 'Mind', frame: 'border-warning bg-warning/15', ink: 'text-base-content' },
    note: { icon: Info, word: 'Note', frame: 'border-info bg-info/8', ink: 'text-info' }
  } as const;
  const look = $derived(LOOK[finding.weight]);
</script>

<div class="rounded-lg border-l-4 px-3 py-2 {look.frame}" data-finding={finding.code}>
  <p class="flex gap-2 text-sm leading-snug">
    <look.icon class="mt-0.5 size-4 shrink-0 {look.ink}" aria-hidden="true" />
    <span><strong class={look.ink}>{look.word}:</strong> <Worded text={finding.sentence} /></span>
  </p>
  {#if finding.fix}
    {@const fix = finding.fix}
    <button
      type="button"
      class="btn mt-2 ml-6 h-auto min-h-9 py-1.5 text-left btn-neutral btn-sm"
      onclick={() => onfix(fix)}>{fix.label}</button
    >
  {/if}
</div>
