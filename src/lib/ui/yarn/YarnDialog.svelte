<script lang="ts">
  import { Dialog } from 'bits-ui';
  import { defaults, superForm } from 'sveltekit-superforms';
  import { zod4, zod4Client } from 'sveltekit-superforms/adapters';
  import { untrack } from 'svelte';
  import { z } from 'zod';
  import { Hex, Yarn } from '$lib/core/kit';
  import YarnDot from './YarnDot.svelte';

  let { yarn, onsave, onclose }: { yarn: Yarn; onsave: (yarn: Yarn) => void; onclose: () => void } = $props();
  const uid = $props.id();

  const Form = z.object({
    name: z.string().trim().min(1, 'Name must not be empty').max(60, 'Name must have at most 60 letters'),
    colourName: z
      .string()
      .trim()
      .min(1, 'Colour name must not be empty')
      .max(40, 'Colour name must have at most 40 letters'),
    hex: Hex,
    weightClass: z
      .number('Weight class must be a whole number from 0 to 7')
      .int('Weight class must be a whole number from 0 to 7')
      .min(0, 'Weight class must be from 0 to 7')
      .max(7, 'Weight class must be from 0 to 7'),
    metres: z
      .number('Metres must be a number')
      .min(1, 'Metres must be from 1 to 5000')
      .max(5000, 'Metres must be from 1 to 5000'),
    grams: z
      .number('Grams must be a number')
      .min(1, 'Grams must be from 1 to 2000')
      .max(2000, 'Grams must be from 1 to 2000'),
    stockGrams: z
      .number('Grams at hand must be a number')
      .min(0, 'Grams at hand must be from 0 to 100000')
      .max(100_000, 'Grams at hand must be from 0 to 100000')
      .nullable(),
    strength: z.enum(['weak', 'fair', 'strong'])
  });
  // The dialog is made anew for every yarn, so its start values are read once on purpose.
  const start = untrack(() => yarn);
  const { form, errors, enhance } = superForm(
    defaults(
      {
        name: start.name,
        colourName: start.colour.name,
        hex: start.colour.hex,
        weightClass: start.weightClass,
        metres: start.label.metres,
        grams: start.label.grams,
        stockGrams: start.stockGrams,
        strength: start.behaviour.strength
      },
      zod4(Form)
    ),
    {
      id: `yarn-${uid}`,
      SPA: true,
      validators: zod4Client(Form),
      resetForm: false,
      onUpdate: ({ form: sent }) => {
        if (!sent.valid) return;
        const d = sent.data;
        onsave(
          Yarn.parse({
            ...start,
            name: d.name,
            colour: { name: d.colourName, hex: d.hex },
            weightClass: d.weightClass,
            label: { metres: d.metres, grams: d.grams },
            stockGrams: d.stockGrams,
            behaviour: { ...start.behaviour, strength: d.strength }
          })
        );
      }
    }
  );
  const fields = [
    { key: 'metres', label: 'Metres on the label' },
    { key: 'grams', label: 'Grams on the label' },
    { key: 'weightClass', label: 'Weight class, 0 to 7' },
    { key: 'stockGrams', label: 'Grams at hand' }
  ] as const;
</script>

<Dialog.Root open onOpenChange={(open) => !open && onclose()}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Content
      class="fixed top-1/2 left-1/2 z-50 max-h-[94dvh] w-[min(34rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-xl bg-base-100 p-6 shadow-2xl"
    >
      <Dialog.Title class="mb-4 flex items-center gap-3 font-display text-2xl font-semibold"
        ><YarnDot hex={$form.hex} size={34} /> Yarn and colour</Dialog.Title
      >
      <form method="POST" use:enhance class="grid grid-cols-2 gap-x-4 gap-y-1">
        <div>
          <label for="{uid}-name" class="font-semibold">Name</label>
          <input
            id="{uid}-name"
            class="input w-full"
            bind:value={$form.name}
            aria-invalid={$errors.name ? 'true' : undefined}
          />
          <p class="min-h-5 text-sm text-error">{$errors.name?.[0] ?? ''}</p>
        </div>
        <div>
          <label for="{uid}-colour" class="font-semibold">Colour name</label>
          <input
            id="{uid}-colour"
            class="input w-full"
            bind:value={$form.colourName}
            aria-invalid={$errors.colourName ? 'true' : undefined}
          />
          <p class="min-h-5 text-sm text-error">{$errors.colourName?.[0] ?? ''}</p>
        </div>
        <div>
          <label for="{uid}-hex" class="font-semibold">Colour</label>
          <div class="flex gap-2">
            <input
              id="{uid}-pick"
              type="color"
              class="h-10 w-12 cursor-pointer rounded"
              aria-label="Pick the colour"
              value={Hex.safeParse($form.hex).success ? $form.hex : start.colour.hex}
              oninput={(e) => ($form.hex = e.currentTarget.value)}
            />
            <input
              id="{uid}-hex"
              class="input w-full"
              bind:value={$form.hex}
              aria-invalid={$errors.hex ? 'true' : undefined}
            />
          </div>
          <p class="min-h-5 text-sm text-error">{$errors.hex?.[0] ?? ''}</p>
        </div>
        <div>
          <label for="{uid}-strength" class="font-semibold">Strength of the thread</label>
          <select id="{uid}-strength" class="select w-full" bind:value={$form.strength}>
            <option value="weak">Soft, single ply: snaps when drawn</option>
            <option value="fair">Fair</option>
            <option value="strong">Strong</option>
          </select>
        </div>
        {#each fields as field (field.key)}
          <div>
            <label for="{uid}-{field.key}" class="font-semibold">{field.label}</label>
            <input
              id="{uid}-{field.key}"
              type="number"
              step="any"
              class="input w-full numerals"
              bind:value={$form[field.key]}
              aria-invalid={$errors[field.key] ? 'true' : undefined}
            />
            <p class="min-h-5 text-sm text-error">{$errors[field.key]?.[0] ?? ''}</p>
          </div>
        {/each}
        <div class="col-span-2 mt-2 flex justify-end gap-2">
          <Dialog.Close class="btn btn-ghost" type="button">Cancel</Dialog.Close>
          <button class="btn btn-primary">Save the yarn</button>
        </div>
      </form>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
