<script lang="ts">
  import Worded from '../words/Worded.svelte';
  import { tick } from 'svelte';

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
  let group: HTMLElement;

  async function choose(wish: string): Promise<void> {
    onvalue(wish);
    await tick();
    // What was not taken goes back to what is so.
    for (const radio of group.querySelectorAll('input')) radio.checked = radio.value === value;
  }
</script>

<div class="min-w-0">
  <p id="{uid}-label" class="mb-1 font-semibold">{label}</p>
  <div bind:this={group} role="radiogroup" aria-labelledby="{uid}-label" class="flex flex-wrap gap-1.5">
    {#each choices as choice (choice.value)}
      <label
        class="relative flex min-h-10 items-center rounded-md border border-base-300 px-3 py-1.5 text-left hover:border-base-content has-checked:border-primary has-checked:bg-primary has-checked:text-primary-content"
      >
        <!-- It covers its label: a press anywhere is a press on it, and its outline goes round all of it. -->
        <input
          type="radio"
          name={uid}
          value={choice.value}
          checked={choice.value === value}
          class="absolute -inset-px cursor-pointer appearance-none rounded-md"
          onchange={() => choose(choice.value)}
        />{choice.label}
      </label>
    {/each}
  </div>
  <p class="min-h-5 pt-0.5 text-sm quiet"><Worded text={chosen?.help ?? help} /></p>
</div>
