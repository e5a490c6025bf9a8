<script lang="ts">
  import type { Statement } from '$lib/core/kit';
  import NumberField from '../options/NumberField.svelte';
  import ChoiceField from '../options/ChoiceField.svelte';

  interface Props {
    pins: number;
    onvalue: (statement: Statement | null) => void;
  }
  let { pins, onvalue }: Props = $props();
  let as = $state<Statement['as']>('tube');
  let values = $state<Record<string, number | null>>({});

  // What each way of stating asks for, in the order a tape meets it.
  const FIELDS = {
    tube: [
      { key: 'rows', label: 'Rows knitted', min: 4, max: 2000, unit: '' },
      { key: 'lengthCm', label: 'Length of the tube', min: 1, max: 1000, unit: 'cm' },
      { key: 'flatWidthCm', label: 'Flat width', min: 1, max: 200, unit: 'cm' }
    ],
    lengths: [
      { key: 'cmTo40Stitches', label: 'Width of 40 stitches', min: 4, max: 120, unit: 'cm' },
      { key: 'cmTo20Rows', label: 'Length of 20 rows', min: 1, max: 60, unit: 'cm' }
    ],
    rows: [
      { key: 'rows', label: 'Rows counted', min: 4, max: 2000, unit: '' },
      { key: 'lengthCm', label: 'Length of these rows', min: 1, max: 1000, unit: 'cm' }
    ],
    counts: [
      { key: 'stitches', label: 'Stitches to 10 cm', min: 1, max: 80, unit: '' },
      { key: 'rows', label: 'Rows to 10 cm', min: 1, max: 120, unit: '' }
    ]
  } as const;

  function put(key: string, value: number | null): void {
    values = { ...values, [key]: value };
    tell();
  }
  function tell(): void {
    const all = FIELDS[as].map((field) => values[field.key] ?? null);
    if (all.some((value) => value === null)) {
      onvalue(null);
      return;
    }
    const [a = 0, b = 0, c = 0] = all as number[];
    if (as === 'tube') onvalue({ as, pins, rows: Math.round(a), lengthCm: b, flatWidthCm: c });
    else if (as === 'lengths') onvalue({ as, cmTo40Stitches: a, cmTo20Rows: b });
    else if (as === 'rows') onvalue({ as, rows: Math.round(a), lengthCm: b });
    else onvalue({ as, stitches: a, rows: b });
  }
</script>

<ChoiceField
  label="Measured as"
  value={as}
  choices={[
    { value: 'tube', label: 'A whole tube', help: 'Count its rows; lay it flat.' },
    { value: 'lengths', label: 'Centimetres', help: 'To 40 stitches and to 20 rows.' },
    { value: 'counts', label: 'Counts', help: 'Stitches and rows to 10 cm.' },
    { value: 'rows', label: 'Rows only', help: 'Enough for a length; the width stays as it was believed.' }
  ]}
  onvalue={(way) => {
    as = way as Statement['as'];
    tell();
  }}
/>
<div class="grid grid-cols-2 gap-x-4 sm:grid-cols-3">
  {#each FIELDS[as] as field (as + field.key)}
    <NumberField
      label={field.label}
      unit={field.unit}
      value={values[field.key] ?? null}
      min={field.min}
      max={field.max}
      optional
      onvalue={(v) => put(field.key, v)}
    />
  {/each}
</div>
