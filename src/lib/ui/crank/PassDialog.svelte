<script lang="ts">
  import type { Passed } from '$lib/store/records/crank-event';
  import type { Speech } from '$lib/words';
  import DialogFrame from '../frame/DialogFrame.svelte';
  import ChoiceField from '../options/ChoiceField.svelte';
  import TextField from '../options/TextField.svelte';

  let {
    title,
    say,
    canWait,
    onpassed,
    onclose
  }: {
    /** The step that is not done. */
    title: string;
    say: Speech;
    /** It can be done later: rows hang already, and more are to come. */
    canWait: boolean;
    onpassed: (passed: Passed) => void;
    onclose: () => void;
  } = $props();

  const reasons = $derived(
    (['later', 'not-needed', 'other-way', 'too-late'] as const).filter((why) => canWait || why !== 'later')
  );
  const choices = $derived(
    reasons.map((why) => ({ value: why, label: say.words.passed[why].label, help: say.words.passed[why].help }))
  );
  let picked = $state<Passed['why'] | null>(null);
  const why = $derived(picked ?? reasons[0]!);
  let said = $state('');
</script>

<DialogFrame title="Not done now" about={title} width={32} freeFocus {onclose}>
  <ChoiceField label="Why" value={why} {choices} onvalue={(v) => (picked = v as Passed['why'])} />
  <TextField
    label="In your own words"
    help="Kept with the piece; it may stay empty."
    value={said}
    most={200}
    optional
    onvalue={(v) => (said = v)}
  />
  <div class="mt-3 flex flex-wrap justify-end gap-2">
    <button type="button" class="btn btn-ghost" onclick={onclose}>Back</button>
    <button type="button" class="btn btn-primary" onclick={() => onpassed({ why, ...(said ? { said } : {}) })}
      >{why === 'later' ? 'Go on, and keep it in view' : 'Pass it over'}</button
    >
  </div>
</DialogFrame>
