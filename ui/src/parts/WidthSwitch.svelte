<script lang="ts">
  import Choice from './Choice.svelte';
  import { say } from '../words/say';

  /** Phone or laptop, in words. */
  let { wide = $bindable(false) }: { wide?: boolean } = $props();

  const choices = [
    { value: 'phone', words: say('parts.widthSwitch.onAPhone') },
    { value: 'laptop', words: say('parts.widthSwitch.onALaptop') }
  ];
</script>

<Choice
  label={say('parts.widthSwitch.widthOfThePage')}
  {choices}
  value={wide ? 'laptop' : 'phone'}
  choose={(value) => (wide = value === 'laptop')}
/>
