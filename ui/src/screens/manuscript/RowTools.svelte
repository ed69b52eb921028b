<script lang="ts">
  import { tick } from 'svelte';
  import { notices } from '../../parts/notices';
  import Tools from '../../parts/Tools.svelte';
  import type { ManuscriptState } from './manuscript.svelte';

  /** What can be done with the row of services that has the cursor, in words, at the foot of the manuscript. */
  let {
    manuscript,
    section: sectionId,
    item: itemId
  }: { manuscript: ManuscriptState; section: string; item: string } = $props();

  const section = $derived(manuscript.sections.find((each) => each.id === sectionId));
  const items = $derived(section?.items ?? []);
  const at = $derived(items.findIndex((each) => each.id === itemId));
  const item = $derived(items[at]);
  const service = $derived(
    manuscript.view?.services.find((each) => `service/${each.typed.id}` === item?.fact)
  );
  const name = $derived(service?.typed.name || 'this service');

  function move(by: -1 | 1): void {
    const after = by < 0 ? (items[at - 2]?.id ?? '') : (items[at + 1]?.id ?? '');
    manuscript.edit({ kind: 'moveItem', section: sectionId, item: itemId, after });
  }

  function hide(): void {
    manuscript.edit({ kind: 'hideItem', section: sectionId, item: itemId, hidden: !item?.hidden });
  }

  /** The row beside it has the cursor next. */
  async function remove(): Promise<void> {
    if (!service) return;
    const gone = name;
    const neighbour = items[at + 1] ?? items[at - 1];
    manuscript.edit({ kind: 'removeService', id: service.typed.id });
    await manuscript.keep();
    await tick();
    const next = neighbour && document.querySelector<HTMLElement>(`[data-item="${neighbour.id}"] input`);
    (next ?? document.querySelector<HTMLElement>(`#section-${sectionId} .another`))?.focus();
    notices.info({
      title: `Taken out: ${gone}.`,
      action: { label: 'Undo', onClick: () => void manuscript.undo() }
    });
  }
</script>

{#if item}
  <Tools label="{name}: what can be done">
    <b dir="auto">{name}</b>
    {#if at > 0}<button type="button" onclick={() => move(-1)} aria-label="Move {name} up">Up</button>{/if}
    {#if at < items.length - 1}<button type="button" onclick={() => move(1)} aria-label="Move {name} down"
        >Down</button
      >{/if}
    <button type="button" onclick={hide} aria-label={item.hidden ? `Show ${name}` : `Hide ${name}`}
      >{item.hidden ? 'Show' : 'Hide'}</button
    >
    <button type="button" onclick={remove} aria-label="Remove {name}">Remove</button>
  </Tools>
{/if}

<style>
  b {
    max-width: 220px;
    overflow: hidden;
    font-size: 15px;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
</style>
