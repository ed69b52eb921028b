<script lang="ts">
  /** The real page, at the width of a phone or a laptop, drawn by the renderer that also publishes it. */
  let {
    address,
    revision,
    width = 390,
    height = 620,
    label
  }: { address: string; revision: number; width?: number; height?: number; label: string } = $props();

  let frame = $state<HTMLIFrameElement>();
  let box = $state<HTMLDivElement>();
  let room = $state(0);
  // The token in the address changes with every answer; the page that is open stays good for hours.
  let opened = $state('');
  let drawn = 0;
  let ready = $state(false);

  const site = $derived(address.replace(/\/[^/]+\/$/, ''));
  const scale = $derived(room && room < width ? room / width : 1);

  $effect(() => {
    if (!opened && address) {
      opened = address;
      drawn = revision;
    } else if (ready && revision !== drawn) {
      drawn = revision;
      frame?.contentWindow?.postMessage({ schema: 1, type: 'refresh' }, site);
    }
  });

  $effect(() => {
    box?.style.setProperty('--scale', String(scale));
    box?.style.setProperty('--page-width', scale < 1 ? `${width}px` : '100%');
    box?.style.setProperty('--page-height', `${height / scale}px`);
    box?.style.setProperty('--box-height', `${height}px`);
  });
</script>

<div class="shopfront" bind:this={box} bind:clientWidth={room}>
  {#if opened}
    <iframe bind:this={frame} src={opened} title={label} referrerpolicy="origin" onload={() => (ready = true)}
    ></iframe>
  {/if}
</div>

<style>
  .shopfront {
    height: var(--box-height, 620px);
    overflow: hidden;
    border: 1px solid var(--control);
    border-radius: 3px;
    background: #fff;
    box-shadow: var(--shadow);
  }
  iframe {
    display: block;
    width: var(--page-width, 100%);
    height: var(--page-height, 620px);
    border: 0;
    transform: scale(var(--scale, 1));
    transform-origin: 0 0;
  }
</style>
