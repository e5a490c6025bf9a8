<script lang="ts">
  import SwitchField from '../options/SwitchField.svelte';
  import { calls, type Way } from './calls.svelte';

  const WORDS: Record<Way, readonly [string, string]> = {
    sound: ['Sound', 'A soft tone when something nears, a bright one when it is due.'],
    vibration: ['Vibration', 'For a telephone in a pocket or on the table.'],
    speech: ['Speech', 'What is due is said aloud.']
  };
</script>

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
