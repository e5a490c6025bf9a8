<script lang="ts">
  import { setMode, userPrefersMode } from 'mode-watcher';
  import ChoiceField from '../options/ChoiceField.svelte';
</script>

<ChoiceField
  label="Light"
  value={userPrefersMode.current}
  choices={[
    { value: 'system', label: 'As the device', help: 'Day or lamp, as the device has it.' },
    { value: 'light', label: 'Day' },
    { value: 'dark', label: 'Lamp', help: 'Dark, for knitting in the evening.' }
  ]}
  onvalue={(light) => setMode(light as 'system' | 'light' | 'dark')}
/>
