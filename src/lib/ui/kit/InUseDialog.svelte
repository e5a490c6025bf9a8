<script lang="ts">
  import { Dialog } from 'bits-ui';
  import type { Project } from '$lib/store/records/project';
  import DialogFrame from '../frame/DialogFrame.svelte';
  import { paths } from '../paths';

  interface Props {
    /** What is to be deleted, by its name. */
    name: string;
    uses: readonly Project[];
    /** What could take its place. */
    others: readonly { readonly id: string; readonly name: string }[];
    ondelete: (by: string | null) => void;
    onclose: () => void;
  }
  let { name, uses, others, ondelete, onclose }: Props = $props();
  const uid = $props.id();
  const SHOWN = 6;
  let by = $state('');
  const begun = $derived(uses.some((p) => p.knowledge !== null && p.measured === null));
</script>

<DialogFrame title="{name} is in use" width={32} {onclose}>
  <p>{uses.length === 1 ? 'One project uses it:' : `${uses.length} projects use it:`}</p>
  <ul class="mt-2 space-y-1">
    {#each uses.slice(0, SHOWN) as project (project.id)}
      <li>
        <a class="font-semibold underline" href={paths.plan(project.id)}>{project.brief.name}</a>
        {#if project.measured}<span class="quiet">in the log</span>{:else if project.knowledge}<span class="quiet"
            >begun</span
          >{/if}
      </li>
    {/each}
    {#if uses.length > SHOWN}<li class="quiet">and {uses.length - SHOWN} more</li>{/if}
  </ul>
  <label class="mt-4 block font-semibold" for="{uid}-by">What takes its place there</label>
  <select id="{uid}-by" class="select mt-1 w-full text-base" bind:value={by}>
    <option value="">Choose …</option>
    {#each others as other (other.id)}<option value={other.id}>{other.name}</option>{/each}
  </select>
  {#if begun}<p class="mt-2 text-sm">
      What is begun is planned with the other one then; the rows that are knitted stay counted.
    </p>{/if}
  <p class="mt-2 text-sm quiet">In each project the change can be undone.</p>
  <div class="mt-5 flex flex-wrap justify-end gap-2">
    <Dialog.Close class="btn btn-ghost">Keep it</Dialog.Close>
    <button type="button" class="btn btn-quiet" onclick={() => ondelete(null)}>Delete and leave the gaps</button>
    <button type="button" class="btn btn-primary" disabled={by === ''} onclick={() => ondelete(by)}
      >Replace and delete</button
    >
  </div>
</DialogFrame>
