<script lang="ts">
  import Choice from './Choice.svelte';
  import { light, type Light } from './light.svelte';

  const choices = [
    { value: 'machine', words: 'As your screen' },
    { value: 'light', words: 'Day' },
    { value: 'dark', words: 'Night' }
  ];
</script>

<Choice label="Colours" {choices} value={light.choice} choose={(value) => light.set(value as Light)} />
