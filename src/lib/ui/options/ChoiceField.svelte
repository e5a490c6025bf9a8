<script lang="ts">
  import Worded from '../words/Worded.svelte';
  import { RadioGroup } from 'bits-ui';

  interface Choice {
    readonly value: string;
    readonly label: string;
    readonly help?: string | undefined;
  }
  interface Props {
    label: string;
    help?: string | undefined;
    value: string;
    choices: readonly Choice[];
    onvalue: (value: string) => void;
  }
  let { label, help = '', value, choices, onvalue }: Props = $props();
  const uid = $props.id();
  const chosen = $derived(choices.find((c) => c.value === value));
</script>

<div class="min-w-0">
  <p id="{uid}-label" class="mb-1 font-semibold">{label}</p>
  <RadioGroup.Root bind:value={() => value, onvalue} aria-labelledby="{uid}-label" class="flex flex-wrap gap-1.5">
    {#each choices as choice (choice.value)}
      <RadioGroup.Item
        value={choice.value}
        class="min-h-10 cursor-pointer rounded-md border border-base-300 px-3 py-1.5 text-left hover:border-base-content data-[state=checked]:border-primary data-[state=checked]:bg-primary data-[state=checked]:text-primary-content"
        >{choice.label}</RadioGroup.Item
      >
    {/each}
  </RadioGroup.Root>
  <p class="min-h-5 pt-0.5 text-sm quiet"><Worded text={chosen?.help ?? help} /></p>
</div>
