<script lang="ts">
  import { tick } from 'svelte';
  import { notices } from '../../parts/notices';
  import Tools from '../../parts/Tools.svelte';
  import type { ManuscriptState } from './manuscript.svelte';
  import { say } from '../../words/say';

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
  const name = $derived(service?.typed.name || say('manuscript.rowTools.thisService'));

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
      title: say('manuscript.rowTools.takenOut', { gone }),
      action: { label: say('manuscript.rowTools.undo'), onClick: () => void manuscript.undo() }
    });
  }
</script>

{#if item}
  <Tools label={say('manuscript.rowTools.whatCanBeDone', { name })}>
    <b dir="auto">{name}</b>
    {#if at > 0}<button
        type="button"
        onclick={() => move(-1)}
        aria-label={say('manuscript.rowTools.moveUp', { name })}>{say('manuscript.rowTools.up')}</button
      >{/if}
    {#if at < items.length - 1}<button
        type="button"
        onclick={() => move(1)}
        aria-label={say('manuscript.rowTools.moveDown', { name })}>{say('manuscript.rowTools.down')}</button
      >{/if}
    <button
      type="button"
      onclick={hide}
      aria-label={item.hidden
        ? say('manuscript.rowTools.show', { name })
        : say('manuscript.rowTools.hide', { name })}
      >{item.hidden ? say('manuscript.rowTools.show2') : say('manuscript.rowTools.hide2')}</button
    >
    <button type="button" onclick={remove} aria-label={say('manuscript.rowTools.remove', { name })}
      >{say('manuscript.rowTools.remove2')}</button
    >
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
