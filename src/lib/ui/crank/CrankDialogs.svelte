<script lang="ts">
  import type { CrankAction } from '$lib/store/records/crank-event';
  import CountDialog from './CountDialog.svelte';
  import FaultDialog from './FaultDialog.svelte';
  import PassDialog from './PassDialog.svelte';
  import type { CrankStand } from './stand.svelte';

  /** What is asked while the crank waits: why a step is passed over, what went wrong, which row it is. */
  export type Asking = 'pass' | 'fault' | 'rows' | 'ripped' | null;

  interface Props {
    stand: CrankStand;
    asking: Asking;
    did: (what: CrankAction) => void;
  }
  let { stand, asking = $bindable(), did }: Props = $props();
  const { result, say, leg, asked, next, inPiece } = $derived(stand);
  const close = (): void => void (asking = null);
</script>

{#if asking === 'pass' && say && asked && next.do === 'confirm'}
  <PassDialog
    title={asked.title}
    {say}
    canWait={inPiece > 0 && inPiece < next.leg.rows}
    onpassed={(passed) => {
      did({ do: 'confirm', step: next.step.id, passed });
      close();
    }}
    onclose={close}
  />
{:else if asking === 'fault' && result && say && leg}
  <FaultDialog
    {result}
    {say}
    {leg}
    {inPiece}
    ontold={(fault, mended) => {
      did({ do: 'fault', fault, at: leg.offset + fault.row, mended });
      close();
    }}
    ontear={() => (asking = 'ripped')}
    onset={() => (asking = 'rows')}
    onclose={close}
  />
{:else if (asking === 'rows' || asking === 'ripped') && result && say && leg}
  <CountDialog
    start={asking}
    {result}
    {say}
    {leg}
    {inPiece}
    what={stand.several ? stand.legName : ''}
    onset={(row, why) => {
      did({ do: 'jump', to: leg.offset + row, why });
      close();
    }}
    onclose={close}
  />
{/if}
