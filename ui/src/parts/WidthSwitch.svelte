<script lang="ts">
  import Choice from './Choice.svelte';

  /** Phone or laptop, in words. */
  let { wide = $bindable(false) }: { wide?: boolean } = $props();

  const choices = [
    { value: 'phone', words: 'On a phone' },
    { value: 'laptop', words: 'on a laptop' }
  ];
</script>

<Choice
  label="Width of the page"
  {choices}
  value={wide ? 'laptop' : 'phone'}
  choose={(value) => (wide = value === 'laptop')}
/>
