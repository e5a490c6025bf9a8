<script lang="ts">
  import Trash from '@lucide/svelte/icons/trash';
  import { Dialog } from 'bits-ui';
  import DialogFrame from '../frame/DialogFrame.svelte';
  import FaultNote from '../frame/FaultNote.svelte';
  import TypedField from '../frame/TypedField.svelte';
  import { defaults, superForm } from 'sveltekit-superforms';
  import { zod4, zod4Client } from 'sveltekit-superforms/adapters';
  import { untrack } from 'svelte';
  import * as z from 'zod/mini';
  import { draftOf } from '$lib/store/draft';
  import { className, Hex, type Kit, Yarn } from '$lib/core/kit';
  import { usualMetres, WEIGHT_CLASSES } from '$lib/core/kit/weight-class';
  import PhaseList from './PhaseList.svelte';
  import WeighIn from './WeighIn.svelte';
  import YarnDot from './YarnDot.svelte';
  import { BEHAVIOUR, typedOf, YarnForm, yarnOf } from './yarn-form';
  import YarnFacts from './YarnFacts.svelte';

  interface Props {
    yarn: Yarn;
    kit: Kit;
    /** @returns why it could not be kept, or nothing */
    onsave: (yarn: Yarn) => Promise<string>;
    onclose: () => void;
    /** Offered where a yarn can be thrown away. */
    ondelete?: (() => void) | undefined;
  }
  let { yarn, kit, onsave, onclose, ondelete }: Props = $props();
  const uid = $props.id();

  // The dialog is made anew for every yarn, so its start values are read once on purpose.
  const start = untrack(() => yarn);
  const known = untrack(() => kit.yarns.some((y) => y.id === start.id));
  const { form, errors, enhance } = superForm(defaults(typedOf(start, known), zod4(YarnForm)), {
    id: `yarn-${uid}`,
    SPA: true,
    validators: zod4Client(YarnForm),
    resetForm: false,
    onUpdate: async ({ form: sent }) => {
      if (!sent.valid) return;
      fault = await onsave(yarnOf(start, sent.data, phases));
      if (!fault) draft.drop();
    }
  });
  let phases = $state.raw(start.phases);
  let fault = $state('');
  // What was typed and not saved is there again, also after a reload.
  const draft = draftOf(
    `yarn ${known ? start.id : 'new'}`,
    z.object({ form: z.looseObject({}), phases: Yarn.shape.phases.def.innerType })
  );
  const first = JSON.stringify([untrack(() => $form), start.phases]);
  const changed = $derived(JSON.stringify([$form, phases]) !== first);
  const left = draft.read();
  // What lies folded away opens where something was typed in it the last time.
  const FOLDED = ['fibre', 'strands', 'stretch', 'strength', 'surface', 'wash'] as const;
  const unfolded = FOLDED.some((key) => left && left.form[key] !== untrack(() => $form)[key]);
  if (left) {
    form.update((now) => ({ ...now, ...left.form }));
    phases = left.phases;
  }
  /** What lies open stays open while one types; a fault in it opens it. */
  const open = $state({ more: unfolded, phases: untrack(() => phases.length > 0) });
  $effect(() => {
    if ($errors.fibre || $errors.strands) open.more = true;
  });
  $effect(() => {
    if (changed) draft.keep({ form: $form, phases });
    else draft.drop();
  });
  function close(): void {
    draft.drop();
    onclose();
  }
  const fields = [
    { key: 'metres', label: 'Metres on the label' },
    { key: 'grams', label: 'Grams on the label' },
    { key: 'stockGrams', label: 'Grams at hand' }
  ] as const;
</script>

<DialogFrame title="Yarn and colour" width={44} {changed} onclose={close}>
  {#if left}<p class="mb-3 text-sm quiet">What you typed the last time is here again; it was not saved.</p>{/if}
  {#snippet mark()}<YarnDot hex={$form.hex} size={34} />{/snippet}
  <form
    method="POST"
    use:enhance
    class="grid grid-cols-2 gap-x-4 gap-y-1 max-[26rem]:grid-cols-1 max-[26rem]:*:col-span-1"
  >
    <TypedField id="{uid}-name" label="Name" faults={$errors.name}>
      {#snippet control(id, invalid)}
        <input {id} class="input w-full" bind:value={$form.name} aria-invalid={invalid} />
      {/snippet}
    </TypedField>
    <TypedField id="{uid}-colour" label="Colour name" faults={$errors.colourName}>
      {#snippet control(id, invalid)}
        <input {id} class="input w-full" bind:value={$form.colourName} aria-invalid={invalid} />
      {/snippet}
    </TypedField>
    <TypedField id="{uid}-hex" label="Colour" faults={$errors.hex}>
      {#snippet control(id, invalid)}
        <div class="flex gap-2">
          <input
            id="{uid}-pick"
            type="color"
            class="h-10 w-12 cursor-pointer rounded"
            aria-label="Pick the colour"
            value={Hex.safeParse($form.hex).success ? $form.hex : start.colour.hex}
            oninput={(e) => ($form.hex = e.currentTarget.value)}
          />
          <input {id} class="input w-full" bind:value={$form.hex} aria-invalid={invalid} />
        </div>
      {/snippet}
    </TypedField>
    <TypedField id="{uid}-weightClass" label="Thickness" faults={$errors.weightClass}>
      {#snippet control(id)}
        <div class="flex items-center gap-2">
          <select {id} class="select w-full" bind:value={$form.weightClass}>
            {#each WEIGHT_CLASSES as { number } (number)}<option value={number}>{className(number)}</option>{/each}
          </select>
          <svg width="40" height="24" viewBox="0 0 40 24" class="shrink-0" aria-hidden="true"
            ><path
              d="M3 15 Q11 4 20 12 T37 9"
              fill="none"
              stroke={$form.hex}
              stroke-width={1.5 + 1.4 * $form.weightClass}
              stroke-linecap="round"
            /></svg
          >
        </div>
      {/snippet}
    </TypedField>
    {#each fields as field (field.key)}
      <TypedField id="{uid}-{field.key}" label={field.label} faults={$errors[field.key]}>
        {#snippet control(id, invalid)}
          <input
            {id}
            type="number"
            step="any"
            class="input w-full numerals"
            placeholder={field.key === 'metres'
              ? `about ${usualMetres($form.weightClass)}`
              : field.key === 'grams'
                ? 'of one ball'
                : 'not known'}
            bind:value={$form[field.key]}
            aria-invalid={invalid}
          />
        {/snippet}
      </TypedField>
    {/each}
    <p class="self-center text-sm quiet">
      {$form.stockGrams !== null && $form.grams
        ? `${($form.stockGrams / $form.grams).toFixed(1)} balls of this label`
        : ''}
    </p>
    <YarnFacts
      metres={$form.metres ?? 0}
      grams={$form.grams ?? 0}
      strands={$form.strands}
      weightClass={$form.weightClass}
      fibre={$form.fibre}
      behaviour={{ stretch: $form.stretch, strength: $form.strength, surface: $form.surface, wash: $form.wash }}
      ontake={(weightClass, behaviour) => ($form = { ...$form, weightClass, ...behaviour })}
    />
    <details class="col-span-2" bind:open={open.more}>
      <summary class="cursor-pointer py-1 font-semibold">Fibre, strands and how it behaves</summary>
      <div class="grid grid-cols-2 gap-x-4">
        <TypedField id="{uid}-fibre" label="Fibre, as the label has it" faults={$errors.fibre}>
          {#snippet control(id, invalid)}
            <input
              {id}
              class="input w-full"
              placeholder="75 % wool, 25 % polyamide"
              bind:value={$form.fibre}
              aria-invalid={invalid}
            />
          {/snippet}
        </TypedField>
        <TypedField id="{uid}-strands" label="Strands held together" faults={$errors.strands}>
          {#snippet control(id, invalid)}
            <input
              {id}
              type="number"
              step="any"
              class="input w-full numerals"
              bind:value={$form.strands}
              aria-invalid={invalid}
            />
          {/snippet}
        </TypedField>
      </div>
      <div class="mt-2 grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-4">
        {#each BEHAVIOUR as { key, label, choices } (key)}
          <div>
            <label for="{uid}-{key}" class="font-semibold">{label}</label>
            <select id="{uid}-{key}" class="select w-full" bind:value={$form[key]}>
              {#each choices as choice (choice.value)}<option value={choice.value}>{choice.label}</option>{/each}
            </select>
          </div>
        {/each}
      </div>
    </details>
    <WeighIn
      {kit}
      yarn={{
        ...start,
        label: { metres: $form.metres || 1, grams: $form.grams || 1 },
        strands: $form.strands || 1
      }}
      onstock={(grams) => ($form.stockGrams = grams)}
    />
    <details class="col-span-2" bind:open={open.phases}>
      <summary class="cursor-pointer py-1 font-semibold">Changes colour along the thread</summary>
      <PhaseList value={phases} metres={$form.metres ?? 0} onvalue={(list) => (phases = list)} />
    </details>
    <div
      class="sticky -bottom-6 col-span-2 -mx-6 mt-2 -mb-6 flex flex-wrap justify-end gap-2 border-t border-base-300 bg-base-100 px-6 py-3"
    >
      {#if ondelete}<button type="button" class="btn mr-auto btn-ghost" onclick={ondelete}
          ><Trash class="size-4" /> Delete</button
        >{/if}
      <Dialog.Close class="btn btn-ghost" type="button">Cancel</Dialog.Close>
      <button class="btn btn-primary">Save the yarn</button>
      <FaultNote {fault} />
    </div>
  </form>
</DialogFrame>
