<script lang="ts" module>
  /** A size of a series, by the key of its body, and how many of it are made. */
  export interface Size {
    readonly key: string;
    readonly count: number;
  }
</script>

<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus';
  import Trash from '@lucide/svelte/icons/trash';
  import type { Body } from '$lib/core/body';
  import CountField from '../options/CountField.svelte';

  interface Props {
    sizes: readonly Size[];
    /** What can be chosen from; the first is the thing as it is planned. */
    bodies: readonly Body[];
    bodyName: (body: Body) => string;
    onsizes: (sizes: readonly Size[]) => void;
  }
  let { sizes, bodies, bodyName, onsizes }: Props = $props();
  const set = (at: number, change: Partial<Size>): void =>
    onsizes(sizes.map((size, i) => (i === at ? { ...size, ...change } : size)));
</script>

<fieldset>
  <legend class="mb-1 font-semibold">Sizes</legend>
  <div class="space-y-2">
    {#each sizes as size, i (i)}
      <div class="flex items-start gap-2">
        <select
          class="select mt-7 min-w-0 flex-1 text-base"
          aria-label="Size {i + 1}"
          value={size.key}
          onchange={(e) => set(i, { key: e.currentTarget.value })}
        >
          {#each bodies as body (body.key)}<option value={body.key}>{bodyName(body)}</option>{/each}
        </select>
        <div class="w-36">
          <CountField label="How many" value={size.count} min={1} max={60} onvalue={(count) => set(i, { count })} />
        </div>
        {#if sizes.length > 1}
          <button
            type="button"
            class="btn mt-7 btn-square btn-ghost"
            aria-label="Take size {i + 1} out"
            onclick={() => onsizes(sizes.filter((_, j) => j !== i))}><Trash class="size-4" /></button
          >
        {/if}
      </div>
    {/each}
  </div>
  {#if bodies.length > 1 && sizes.length < 8}
    <button
      type="button"
      class="btn mt-2 btn-quiet btn-sm"
      onclick={() => onsizes([...sizes, { key: bodies[1]!.key, count: 3 }])}
      ><Plus class="size-4" /> Another size</button
    >
  {/if}
</fieldset>
