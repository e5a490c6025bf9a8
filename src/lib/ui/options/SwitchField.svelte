<script lang="ts">
  import Worded from '../words/Worded.svelte';
  let {
    label,
    help = '',
    value,
    onvalue
  }: { label: string; help?: string | undefined; value: boolean; onvalue: (value: boolean) => void } = $props();
  const uid = $props.id();
</script>

<div>
  <label class="flex min-h-10 cursor-pointer items-center gap-3">
    <input
      type="checkbox"
      class="toggle toggle-primary"
      checked={value}
      aria-describedby="{uid}-help"
      onchange={(e) => {
        onvalue(e.currentTarget.checked);
        // What was not taken goes back to what is so.
        e.currentTarget.checked = value;
      }}
    />
    <span class="font-semibold">{label}</span>
  </label>
  <p id="{uid}-help" class="text-sm quiet"><Worded text={help} /></p>
</div>
