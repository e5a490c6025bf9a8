<script lang="ts">
  import ImagePlus from '@lucide/svelte/icons/image-plus';
  import { type Laid, phasesAlong } from '$lib/core/colour/phase-line';
  import type { Yarn } from '$lib/core/kit';
  import type { Spot } from '$lib/workers/line';
  import { readLine } from '$lib/workers/read-line';
  import NumberField from '../options/NumberField.svelte';
  import SelectField from '../options/SelectField.svelte';
  import { spotDrag } from './spot-drag';

  /** Phases measured from a photograph of the ball: a line is laid across the yarn, its colours become lengths. */
  interface Props {
    /** Metres of the whole ball, to begin with. */
    metres: number;
    onphases: (phases: Yarn['phases']) => void;
  }
  let { metres, onphases }: Props = $props();
  /** Colours read along the line. */
  const STEPS = 200;
  const WAYS: readonly { value: Laid; label: string }[] = [
    { value: 'wraps', label: 'Wrapped on a card, or laid out straight' },
    { value: 'cake-out', label: 'A cake, from its hole to its rim' },
    { value: 'cake-in', label: 'A cake, from its rim to its hole' }
  ];
  let file = $state.raw<File | null>(null);
  let url = $state('');
  let laid = $state<Laid>('cake-in');
  let typed = $state<number | null>(null);
  let holePercent = $state(20);
  let ends = $state.raw<readonly [Spot, Spot]>([
    { x: 0.1, y: 0.5 },
    { x: 0.45, y: 0.5 }
  ]);
  let line = $state.raw<readonly (readonly [number, number, number])[]>([]);
  let fault = $state('');
  /** Nothing is made up: without metres no lengths are told. */
  const whole = $derived(typed ?? (metres > 0 ? metres : null));
  const phases = $derived(line.length && whole ? phasesAlong(line, laid, whole, holePercent / 100) : []);

  $effect(() => {
    if (!file) return;
    const made = URL.createObjectURL(file);
    url = made;
    return () => URL.revokeObjectURL(made);
  });
  // Read anew whenever the line lies elsewhere; what is read last counts.
  $effect(() => {
    const [photo, [from, to]] = [file, ends];
    if (!photo) return;
    let gone = false;
    readLine(photo, from, to, STEPS)
      .then((found) => {
        if (!gone) [line, fault] = [found, ''];
      })
      .catch(() => {
        if (!gone) [line, fault] = [[], `The photograph must be a picture the browser can read; received ${photo.name}.`]; // prettier-ignore
      });
    return () => (gone = true);
  });
  function put(end: 0 | 1, spot: Spot): void {
    ends = end === 0 ? [spot, ends[1]] : [ends[0], spot];
  }
  const STEP = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] } as const;
  function keys(event: KeyboardEvent, end: 0 | 1): void {
    const by = STEP[event.key as keyof typeof STEP] as readonly [number, number] | undefined;
    if (!by) return;
    event.preventDefault();
    const far = event.shiftKey ? 0.1 : 0.01;
    const inside = (n: number): number => Math.min(1, Math.max(0, n));
    put(end, { x: inside(ends[end].x + by[0] * far), y: inside(ends[end].y + by[1] * far) });
  }
  function choose(input: HTMLInputElement): void {
    file = input.files?.[0] ?? null;
    input.value = '';
  }
  function take(): void {
    onphases(phases.map(({ hex, metres: m }, i) => ({ name: `Phase ${i + 1}`, hex, metres: Math.max(0.1, m) })));
    file = null;
    line = [];
  }
</script>

<div class="mt-2">
  <label class="btn btn-quiet btn-sm focus-within:outline-2">
    <ImagePlus class="size-4" /> Measure them from a photograph
    <input class="sr-only" type="file" accept="image/*" onchange={(e) => choose(e.currentTarget)} />
  </label>
  {#if fault}<p class="mt-1 text-sm font-semibold text-error" role="alert">{fault}</p>{/if}
  {#if file && url}
    <p class="mt-1 text-sm quiet">
      Lay the line across the yarn, from where it begins (1) to where it ends (2). The photograph is looked at here and
      not kept.
    </p>
    <div class="relative mt-2 w-fit max-w-full touch-none select-none">
      <img src={url} alt="Your photograph of the ball" class="block max-h-80 max-w-full rounded-lg" draggable="false" />
      <svg class="absolute inset-0 size-full" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
        {#each [{ ink: '#000', width: 5 }, { ink: '#fff', width: 2 }] as { ink, width } (ink)}
          <line
            x1={100 * ends[0].x}
            y1={100 * ends[0].y}
            x2={100 * ends[1].x}
            y2={100 * ends[1].y}
            stroke={ink}
            stroke-width={width}
            vector-effect="non-scaling-stroke"
          />
        {/each}
      </svg>
      {#each [0, 1] as const as end (end)}
        <button
          type="button"
          class="absolute flex size-8 -translate-x-1/2 -translate-y-1/2 cursor-move items-center justify-center rounded-full border-2 border-black bg-white font-bold text-black"
          style:left="{100 * ends[end].x}%"
          style:top="{100 * ends[end].y}%"
          aria-label={end === 0 ? 'Where the yarn begins; arrow keys move it' : 'Where it ends; arrow keys move it'}
          onkeydown={(e) => keys(e, end)}
          use:spotDrag={(x, y) => put(end, { x, y })}>{end + 1}</button
        >
      {/each}
    </div>
    <div class="mt-2 grid gap-x-4 sm:grid-cols-[2fr_1fr_1fr]">
      <SelectField label="What it shows" value={laid} choices={WAYS} onvalue={(v) => (laid = v as Laid)} />
      <NumberField
        label="Metres along it"
        unit="m"
        value={whole}
        min={1}
        max={5000}
        onvalue={(v) => v !== null && (typed = v)}
        help={whole ? '' : 'as the label has it'}
      />
      {#if laid !== 'wraps'}
        <NumberField
          label="Its hole"
          unit="%"
          help="of its width"
          value={holePercent}
          min={0}
          max={90}
          onvalue={(v) => v !== null && (holePercent = v)}
        />
      {/if}
    </div>
    {#if phases.length}
      <div class="flex h-8 overflow-hidden rounded-md border border-base-300" aria-hidden="true">
        {#each phases as phase, i (i)}<div
            style:background={phase.hex}
            style:width="{(100 * phase.metres) / (whole ?? 1)}%"
          ></div>{/each}
      </div>
      <p class="mt-1 text-sm" data-testid="read-phases">
        {phases.length === 1 ? 'One colour all along.' : `${phases.length} phases:`}
        {#if phases.length > 1}<span class="numerals">{phases.map((p) => `${p.metres.toFixed(1)} m`).join(', ')}</span
          >{/if}
      </p>
      <button type="button" class="btn mt-2 btn-primary btn-sm" disabled={phases.length < 2} onclick={take}
        >Take these phases</button
      >
    {/if}
  {/if}
</div>
