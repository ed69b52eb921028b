<script lang="ts">
  /** The first screen of a page as a laptop shows it, small: to be looked at, not used. */
  let { src, height = 800 }: { src: string; height?: number } = $props();

  const WIDTH = 1280;
  let room = $state(0);
</script>

<span
  class="sample"
  aria-hidden="true"
  bind:clientWidth={room}
  style:--scale={(room || 194) / WIDTH}
  style:--page-height="{height}px"
  style:aspect-ratio="{WIDTH} / {height}"
>
  <iframe {src} title="" tabindex="-1" loading="lazy" referrerpolicy="origin" inert></iframe>
</span>

<style>
  .sample {
    display: block;
    position: relative;
    overflow: hidden;
    background: var(--sheet);
  }
  iframe {
    position: absolute;
    left: 0;
    top: 0;
    width: 1280px;
    height: var(--page-height);
    border: 0;
    pointer-events: none;
    transform: scale(var(--scale));
    transform-origin: 0 0;
  }
</style>
