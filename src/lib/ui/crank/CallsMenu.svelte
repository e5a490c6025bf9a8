<script lang="ts">
  import { Popover } from 'bits-ui';
  import Volume2 from '@lucide/svelte/icons/volume-2';
  import VolumeX from '@lucide/svelte/icons/volume-x';
  import SwitchField from '../options/SwitchField.svelte';
  import { calls, type Way } from './calls.svelte';

  const WORDS: Record<Way, readonly [string, string]> = {
    sound: ['Sound', 'A soft tone when something nears, a bright one when it is due.'],
    vibration: ['Vibration', 'For a telephone in a pocket or on the table.'],
    speech: ['Speech', 'What is due is said aloud.']
  };
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
      <div class="grid gap-2" role="group" aria-label="How it calls">
        {#each calls.offered as way (way)}
          <SwitchField
            label={WORDS[way][0]}
            help={WORDS[way][1]}
            value={calls.on[way]}
            onvalue={(on) => calls.set(way, on)}
          />
        {/each}
      </div>
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
