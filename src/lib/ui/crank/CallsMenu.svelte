<script lang="ts">
  import { Popover } from 'bits-ui';
  import Volume2 from '@lucide/svelte/icons/volume-2';
  import VolumeX from '@lucide/svelte/icons/volume-x';
  import CallSwitches from './CallSwitches.svelte';
  import { calls } from './calls.svelte';

  const silent = $derived(!calls.offered.some((way) => calls.on[way]));
</script>

<Popover.Root>
  <Popover.Trigger class="btn btn-square btn-quiet btn-lg" aria-label="How it calls">
    {#if silent}<VolumeX class="size-5" />{:else}<Volume2 class="size-5" />{/if}
  </Popover.Trigger>
  <Popover.Portal>
    <Popover.Content
      class="z-50 w-72 rounded-box border-2 border-base-300 bg-base-100 p-4 shadow-lg"
      side="top"
      sideOffset={8}
      onCloseAutoFocus={(e) => e.preventDefault()}
    >
      <CallSwitches />
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
