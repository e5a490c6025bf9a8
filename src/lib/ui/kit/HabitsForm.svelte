<script lang="ts">
  import type { HabitsChange } from '$lib/store/kit';
  import type { Habits, Terms } from '$lib/core/kit';
  import {
    type CrankedRows,
    learnedPace,
    PACE_PINS,
    PANEL_ROWS_PER_MINUTE,
    TUBE_ROWS_PER_MINUTE
  } from '$lib/core/read';
  import ChoiceField from '../options/ChoiceField.svelte';
  import CountField from '../options/CountField.svelte';
  import NumberField from '../options/NumberField.svelte';
  import SwitchField from '../options/SwitchField.svelte';

  let {
    habits,
    cranked,
    onchange
  }: {
    habits: Habits;
    /** Rows that were cranked of late, for a pace to be learned from. */
    cranked: readonly CrankedRows[];
    onchange: (change: HabitsChange) => void;
  } = $props();
  /** A pace that was learned, in tenths; a proposal, which the knitter takes or leaves. */
  const learned = $derived(
    ([true, false] as const).flatMap((tube) => {
      const pace = learnedPace(cranked, tube);
      if (!pace) return [];
      const perMinute = Math.round(pace.perMinute * 10) / 10;
      const key = tube ? ('tubeRowsPerMinute' as const) : ('panelRowsPerMinute' as const);
      return habits[key] === perMinute ? [] : [{ ...pace, perMinute, key, tube }];
    })
  );
  /** Words the craft has two of; the words of the knitter stand in every sentence. */
  const TERMS: readonly {
    key: keyof Terms;
    label: string;
    choices: { value: string; label: string; help?: string }[];
  }[] = [
    {
      key: 'pin',
      label: 'What holds a stitch',
      choices: [
        { value: 'pin', label: 'Pin' },
        { value: 'needle', label: 'Needle' }
      ]
    },
    {
      key: 'row',
      label: 'One pass of the crank',
      choices: [
        { value: 'row', label: 'Row' },
        { value: 'round', label: 'Round' }
      ]
    },
    {
      key: 'off',
      label: 'Taking it off',
      choices: [
        { value: 'hang off', label: 'Hang off' },
        { value: 'cast off', label: 'Cast off' },
        { value: 'bind off', label: 'Bind off' }
      ]
    },
    {
      key: 'crochet',
      label: 'Crochet terms',
      choices: [
        { value: 'US', label: 'US', help: 'Single crochet; the UK calls it double.' },
        { value: 'UK', label: 'UK', help: 'Double crochet; the US calls it single.' }
      ]
    }
  ];
</script>

<section class="sheet p-4" aria-labelledby="habits">
  <h2 id="habits" class="text-xl font-semibold">How you work</h2>
  <p class="mb-3 text-sm quiet">Both schools are right. New plans follow yours; each project can still differ.</p>
  <div class="grid gap-x-5 gap-y-1.5 sm:grid-cols-2 lg:grid-cols-3">
    <CountField
      label="Waste rows at the start"
      help="Where stitches stay live. 4 or 5 are enough; 10 are easier to hold."
      value={habits.wasteStart}
      min={0}
      max={30}
      onvalue={(wasteStart) => onchange({ wasteStart })}
    />
    <CountField
      label="Waste rows at the end"
      value={habits.wasteEnd}
      min={0}
      max={30}
      onvalue={(wasteEnd) => onchange({ wasteEnd })}
    />
    <SwitchField
      label="Begin from a reusable strip"
      help="A kept strip of knitting is hung on instead of a cast-on: saves waste yarn."
      value={habits.wasteStrip}
      onvalue={(wasteStrip) => onchange({ wasteStrip })}
    />
    <CountField
      label="Pins before the marker at a change of colour"
      help="0 changes between the last pin and the first; 2 to 4 hide the step."
      value={habits.joinPins}
      min={0}
      max={100}
      onvalue={(joinPins) => onchange({ joinPins })}
    />
    <ChoiceField
      label="Hanging off onto a thread"
      value={habits.hangOff}
      choices={[
        { value: 'lifting', label: 'While lifting', help: 'As each pin drops its stitch.' },
        {
          value: 'empty',
          label: 'An empty turn first',
          help: 'Nearly once round without yarn, then all stitches together.'
        }
      ]}
      onvalue={(hangOff) => onchange({ hangOff: hangOff as typeof habits.hangOff })}
    />
    <ChoiceField
      label="Mattress stitch"
      value={String(habits.mattressBars)}
      choices={[
        { value: '1', label: 'One bar', help: 'At a time: fine and flat.' },
        { value: '2', label: 'Two bars', help: 'At a time: quicker, a little coarser.' }
      ]}
      onvalue={(bars) => onchange({ mattressBars: bars === '2' ? 2 : 1 })}
    />
    <CountField
      label="Rows before tying a join"
      value={habits.tieAfterRows}
      min={1}
      max={12}
      onvalue={(tieAfterRows) => onchange({ tieAfterRows })}
    />
    <ChoiceField
      label="The machine's counter"
      value={habits.counter}
      choices={[
        { value: 'running', label: 'Zero after the waste', help: 'Then it runs on to the end.' },
        { value: 'reset', label: 'Zero at every section', help: 'It counts the section.' },
        { value: 'never', label: 'Never zero', help: 'You read the difference.' }
      ]}
      onvalue={(counter) => onchange({ counter: counter as Habits['counter'] })}
    />
    <ChoiceField
      label="Yarn of a panel begins at"
      value={habits.panelStart}
      choices={[
        { value: 'high', label: 'The high pins', help: 'Cast on from low to high.' },
        { value: 'low', label: 'The low pins', help: 'A strip or cast-on laid the other way.' }
      ]}
      onvalue={(panelStart) => onchange({ panelStart: panelStart as Habits['panelStart'] })}
    />
    <ChoiceField
      label="Lengths"
      value={habits.units}
      choices={[
        { value: 'metric', label: 'Centimetres' },
        { value: 'imperial', label: 'Inches' }
      ]}
      onvalue={(units) => onchange({ units: units as Habits['units'] })}
    />
    {#each TERMS as { key, label, choices } (key)}
      <ChoiceField
        {label}
        value={habits.terms[key]}
        {choices}
        onvalue={(value) => onchange({ terms: { [key]: value } })}
      />
    {/each}
    <NumberField
      label="Your rows a minute, tube"
      unit="rows"
      help="Empty: a practised knitter, {TUBE_ROWS_PER_MINUTE} on {PACE_PINS} pins and more on a smaller ring."
      value={habits.tubeRowsPerMinute}
      min={0.5}
      max={200}
      optional
      onvalue={(tubeRowsPerMinute) => onchange({ tubeRowsPerMinute })}
    />
    <NumberField
      label="Your rows a minute, to and fro"
      unit="rows"
      help="Empty: {PANEL_ROWS_PER_MINUTE}."
      value={habits.panelRowsPerMinute}
      min={0.5}
      max={200}
      optional
      onvalue={(panelRowsPerMinute) => onchange({ panelRowsPerMinute })}
    />
    <NumberField
      label="A word about rest after"
      unit="minutes"
      help="Of cranking without a rest of five. Empty: never."
      value={habits.restMinutes}
      min={5}
      max={240}
      optional
      onvalue={(restMinutes) => onchange({ restMinutes })}
    />
  </div>
  {#each learned as pace (pace.key)}
    <div class="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1" data-testid="learned">
      <p class="min-w-0">
        You crank <strong class="numerals">{pace.perMinute}</strong>
        {habits.terms.row}s a minute {pace.tube ? 'in a tube' : 'to and fro'}, by {pace.rows}
        {habits.terms.row}s of {pace.pieces}
        {pace.pieces === 1 ? 'piece' : 'pieces'}.
      </p>
      <button type="button" class="btn btn-quiet btn-sm" onclick={() => onchange({ [pace.key]: pace.perMinute })}
        >Plan with it</button
      >
    </div>
  {/each}
</section>
