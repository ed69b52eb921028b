<script lang="ts">
  /** A field of a colour, with letters of another one on it if there is one. Colours are set through the object model. */
  let {
    colour,
    above = '',
    small = false,
    bare = false
  }: { colour: string; above?: string; small?: boolean; bare?: boolean } = $props();

  let field = $state<HTMLSpanElement>();

  $effect(() => {
    field?.style.setProperty('background', colour);
    if (above) field?.style.setProperty('color', above);
  });
</script>

<span class="field" class:small class:bare bind:this={field} aria-hidden="true">{above ? 'Aa' : ''}</span>

<style>
  .field {
    display: block;
    width: 100%;
    height: 56px;
    border: 1px solid var(--control);
    border-radius: var(--leaf-small);
    font-weight: 700;
  }
  .small {
    display: grid;
    place-items: center;
    width: 56px;
    height: 34px;
    font-size: 20px;
  }
  .bare {
    height: 100%;
    border: 0;
    border-radius: 0;
  }
</style>
