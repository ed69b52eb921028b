<script lang="ts">
  /** The mark: a door in its frame, standing open, ajar or shut. */
  let { state = 'open', size = 26 }: { state?: 'open' | 'ajar' | 'shut'; size?: number } = $props();
  const leaf = { open: 'M6 5l8 3.2V27L6 25z', ajar: 'M6 5l11 1.4V26.4L6 26z', shut: 'M6 5h12v22H6z' };
</script>

<svg width={size} height={(size * 28) / 24} viewBox="0 0 24 28" aria-hidden="true" class="door-mark">
  <path d="M2.2 27V2.2h19.6V27" fill="none" stroke="currentColor" stroke-width="2.2" />
  <path d={leaf[state]} fill="var(--door-leaf, var(--lacquer-fill))" />
  <circle cx={state === 'open' ? 11.8 : 14.4} cy="17" r="1.2" fill="var(--panel)" />
</svg>

<style>
  .door-mark {
    flex: none;
  }
</style>
