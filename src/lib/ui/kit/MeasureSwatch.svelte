<script lang="ts">
  import { format } from 'date-fns/format';
  import {
    asCounts,
    asLengths,
    DEFAULT_PIN_SPACING_MM,
    type FingerTension,
    type Gauge,
    type Kit,
    type Machine,
    measurementsOf,
    perCm,
    slipOf,
    type Statement,
    Swatch,
    type Yarn
  } from '$lib/core/kit';
  import { saveSwatch } from '$lib/store/kit';
  import { slipWords } from '$lib/words';
  import ChoiceField from '../options/ChoiceField.svelte';
  import NumberField from '../options/NumberField.svelte';
  import { notKept } from '../frame/keeping';
  import { db } from '../state/db';
  import StatementForm from './StatementForm.svelte';
  import FaultNote from '$lib/ui/frame/FaultNote.svelte';

  interface Props {
    kit: Kit;
    machine: Machine;
    yarn: Yarn;
    strands: number;
    hole: number;
    fingers: FingerTension;
    /** What is believed so far: a slip is told by it. */
    gauge: Gauge;
  }
  let { kit, machine, yarn, strands, hole, fingers, gauge }: Props = $props();
  const two = (n: number): string => n.toFixed(2);

  let fabric = $state<Swatch['state']>('rested');
  let statement = $state.raw<Statement | null>(null);
  let hung = $state<number | null>(null);
  let round = $state(0);
  const measured = $derived(statement ? perCm(statement) : null);
  const slip = $derived(
    measured && measured.wales !== null
      ? slipOf(
          { courses: measured.courses, wales: measured.wales },
          { courses: gauge.courses.value, wales: gauge.wales.value },
          machine.pinSpacingMm ?? DEFAULT_PIN_SPACING_MM
        )
      : null
  );
  /** Today's swatch of the same conditions: measuring again is averaged into it. */
  const today = $derived(
    kit.swatches.find(
      (s) =>
        s.machineId === machine.id &&
        s.yarnId === yarn.id &&
        s.strands === strands &&
        s.hole === hole &&
        s.fingers === fingers &&
        s.state === fabric &&
        s.on === format(new Date(), 'yyyy-MM-dd')
    )
  );

  let fault = $state('');
  async function keep(): Promise<void> {
    if (!statement) return;
    const swatch = today
      ? { ...today, more: [...today.more, statement], hangCmTo20Rows: hung ?? today.hangCmTo20Rows }
      : Swatch.parse({
          id: crypto.randomUUID(),
          machineId: machine.id,
          yarnId: yarn.id,
          strands,
          hole,
          fingers,
          state: fabric,
          statement,
          hangCmTo20Rows: hung,
          on: format(new Date(), 'yyyy-MM-dd')
        });
    fault = await notKept(() => saveSwatch(db(), swatch));
    if (fault) return;
    statement = null;
    hung = null;
    round++;
  }
</script>

<section class="sheet p-4" aria-label="Measure a swatch">
  <h2 class="text-xl font-semibold">Measure a swatch</h2>
  <ol class="mt-2 list-decimal space-y-0.5 pl-5 text-sm">
    <li>Knit 60 rows or more in TUBE, the first twelve slowly.</li>
    <li>Take it off. On the machine it is stretched wide: its gauge is never taken there.</li>
    <li>Tug it lengthwise twice, across once.</li>
    <li>Let it rest an hour; soft yarn overnight, on a form.</li>
    <li>Lay it flat, do not press. Measure in the middle, away from the ends.</li>
  </ol>
  <div class="mt-4">
    <ChoiceField
      label="The fabric is"
      value={fabric}
      choices={[
        { value: 'rested', label: 'Rested' },
        { value: 'worn-in', label: 'Worn in' },
        { value: 'washed', label: 'Washed' }
      ]}
      onvalue={(s) => (fabric = s as Swatch['state'])}
    />
    {#key `${machine.id} ${round}`}
      <StatementForm pins={machine.pins} onvalue={(s) => (statement = s)} />
      <NumberField
        label="20 rows, still hanging on the pins"
        unit="cm"
        help="Only if you stop by tape: it corrects the length as it hangs."
        value={hung}
        min={1}
        max={60}
        optional
        onvalue={(cm) => (hung = cm)}
      />
    {/key}
    <div class="min-h-24" aria-live="polite">
      {#if measured}
        {@const { courses, wales } = measured}
        {@const l = asLengths({ courses, wales: wales ?? 1 })}
        {@const c = asCounts({ courses, wales: wales ?? 1 })}
        <p class="numerals">
          {#if wales === null}
            <strong>{two(l.cmTo20Rows)} cm</strong> to 20 rows; <strong>{two(c.rows)}</strong> rows to 10 cm.
          {:else}
            <strong>{two(l.cmTo40Stitches)} cm</strong> to 40 stitches, <strong>{two(l.cmTo20Rows)} cm</strong> to 20
            rows;
            <strong>{two(c.stitches)}</strong> stitches and <strong>{two(c.rows)}</strong> rows to 10 cm.
          {/if}
        </p>
        {#if slip}
          <p class="mt-2 rounded-lg border-l-4 border-warning bg-warning/15 px-3 py-2 text-sm" data-slip={slip.kind}>
            <strong>Mind:</strong>
            {slipWords(slip)}
          </p>
        {/if}
      {/if}
    </div>
    <FaultNote {fault} />
    <button type="button" class="btn btn-primary" disabled={!statement} onclick={keep}
      >{today ? `Average it with today's ${measurementsOf(today).length}` : 'Keep this swatch'}</button
    >
    {#if today && measurementsOf(today).length > 1}
      {@const each = measurementsOf(today).map((s) => perCm(s))}
      <p class="mt-2 text-sm">
        Today's {each.length} measurements: {each.map((e) => two(e.courses)).join(', ')} rows per cm.
      </p>
    {/if}
  </div>
</section>
