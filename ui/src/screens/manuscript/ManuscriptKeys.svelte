<script lang="ts">
  import { tick } from 'svelte';
  import type { ManuscriptState } from './manuscript.svelte';

  /** What the keys do on the manuscript; `Keys` lists them. */
  let {
    manuscript,
    quiet,
    back,
    toTools,
    showKeys,
    gone
  }: {
    manuscript: ManuscriptState;
    /** A dialog is open and has the keys. */
    quiet: boolean;
    back: (way: 'undo' | 'redo') => Promise<void>;
    toTools: () => void;
    showKeys: () => void;
    /** A section was gone to. */
    gone: (section: string) => void;
  } = $props();

  function neighbour(by: -1 | 1): void {
    const all = manuscript.sections;
    const at = all.findIndex((section) => section.id === manuscript.chosen);
    const next = all[at < 0 ? (by > 0 ? 0 : all.length - 1) : Math.min(all.length - 1, Math.max(0, at + by))];
    if (!next) return;
    manuscript.chosen = next.id;
    const place = document.getElementById(`section-${next.id}`);
    place?.scrollIntoView({ block: 'nearest' });
    place?.focus({ preventScroll: true });
    gone(next.id);
  }

  /** The cursor stays where it is, in the section that moves. */
  async function moveChosen(by: -1 | 1): Promise<void> {
    const had = document.activeElement as HTMLElement | null;
    if (!manuscript.moveSection(manuscript.chosen, by)) return;
    await tick();
    const section = document.getElementById(`section-${manuscript.chosen}`);
    section?.scrollIntoView({ block: 'nearest' });
    if (had?.isConnected && section?.contains(had)) had.focus({ preventScroll: true });
    else section?.focus({ preventScroll: true });
  }

  function pressed(event: KeyboardEvent): void {
    const target = event.target as HTMLElement;
    const typing = target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName);
    const command = event.ctrlKey || event.metaKey;
    if (quiet) return;
    if (command && event.key.toLowerCase() === 'z') {
      if (target.tagName === 'INPUT') return;
      event.preventDefault();
      void back(event.shiftKey ? 'redo' : 'undo');
    } else if (command && event.key.toLowerCase() === 'y') {
      if (target.tagName === 'INPUT') return;
      event.preventDefault();
      void back('redo');
    } else if (event.altKey && event.key === 'F10') {
      event.preventDefault();
      toTools();
    } else if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      void moveChosen(event.key === 'ArrowUp' ? -1 : 1);
    } else if (!typing && !command && event.key === '[') neighbour(-1);
    else if (!typing && !command && event.key === ']') neighbour(1);
    else if (!typing && !command && event.key === '?') showKeys();
  }
</script>

<svelte:window onkeydown={pressed} />
