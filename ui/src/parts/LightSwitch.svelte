<script lang="ts">
  import Choice from './Choice.svelte';
  import { light, type Light } from './light.svelte';
  import { say } from '../words/say';

  const choices = [
    { value: 'machine', words: say('parts.lightSwitch.asYourScreen') },
    { value: 'light', words: say('parts.lightSwitch.day') },
    { value: 'dark', words: say('parts.lightSwitch.night') }
  ];
</script>

<Choice
  label={say('parts.lightSwitch.colours')}
  {choices}
  value={light.choice}
  choose={(value) => light.set(value as Light)}
/>
