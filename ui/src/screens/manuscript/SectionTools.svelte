<script lang="ts">
  import { tick } from 'svelte';
  import type { Page, Section } from '../../document/types';
  import { notices } from '../../parts/notices';
  import { steady } from '../../parts/steady';
  import Tools from '../../parts/Tools.svelte';
  import type { ManuscriptState } from './manuscript.svelte';
  import { say } from '../../words/say';

  /** What can be done with the chosen section. */
  let { manuscript, section }: { manuscript: ManuscriptState; section: Section } = $props();

  const kind = $derived(manuscript.kindOf(section));
  const name = $derived(manuscript.nameOf(section));
  const siblings = $derived(
    manuscript.site?.pages.find((page) => page.sections.some((each) => each.id === section.id))
  );
  const at = $derived(siblings?.sections.findIndex((each) => each.id === section.id) ?? -1);

  /** The button stays under the pointer while its section goes by. */
  function move(by: -1 | 1): void {
    void steady(
      () => document.querySelector<HTMLElement>(`#section-${section.id} [data-move="${by}"]`) ?? own(),
      () => manuscript.moveSection(section.id, by)
    );
  }

  function own(): HTMLElement | null {
    return document.getElementById(`section-${section.id}`);
  }

  /** To the end of another page; the opening stays on the first. */
  const others = $derived(
    kind.first ? [] : (manuscript.site?.pages ?? []).filter((page) => page.id !== siblings?.id)
  );

  function toPage(page: Page): void {
    const after = page.sections[page.sections.length - 1]?.id ?? '';
    manuscript.edit({ kind: 'moveSection', section: section.id, to: { page: page.id, after } });
  }

  function layOut(): void {
    const next = kind.layouts[(kind.layouts.indexOf(section.layout) + 1) % kind.layouts.length];
    if (next) manuscript.edit({ kind: 'setLayout', section: section.id, layout: next });
  }

  /** The section after it has the cursor next. */
  async function remove(): Promise<void> {
    const next = siblings?.sections[at + 1] ?? siblings?.sections[at - 1];
    const gone = name;
    manuscript.edit({ kind: 'removeSection', section: section.id });
    await tick();
    if (next) {
      manuscript.chosen = next.id;
      document.getElementById(`section-${next.id}`)?.focus({ preventScroll: true });
    }
    notices.info({
      title: say('manuscript.sectionTools.takenOut', { gone }),
      action: { label: say('manuscript.sectionTools.undo'), onClick: () => void manuscript.undo() }
    });
  }
</script>

<div class="tools">
  <Tools label={say('manuscript.sectionTools.whatCanBeDone', { name })}>
    {#if at > 0}<button type="button" data-move="-1" onclick={() => move(-1)}
        >{say('manuscript.sectionTools.moveUp')}</button
      >{/if}
    {#if siblings && at < siblings.sections.length - 1}<button
        type="button"
        data-move="1"
        onclick={() => move(1)}>{say('manuscript.sectionTools.moveDown')}</button
      >{/if}
    {#each others as page (page.id)}
      <button type="button" onclick={() => toPage(page)}
        >{say('manuscript.sectionTools.to', { name: page.name })}</button
      >
    {/each}
    <button
      type="button"
      onclick={() => manuscript.edit({ kind: 'hideSection', section: section.id, hidden: !section.hidden })}
      >{section.hidden ? say('manuscript.sectionTools.show') : say('manuscript.sectionTools.hide')}</button
    >
    {#if kind.layouts.length > 1}<button type="button" onclick={layOut}
        >{say('manuscript.sectionTools.layOutDifferently')}</button
      >{/if}
    {#if kind.worded}<button type="button" onclick={() => manuscript.draftAgain(section.id)}
        >{say('manuscript.sectionTools.draftAgain')}</button
      >{/if}
    <button type="button" class="last" onclick={remove}>{say('manuscript.sectionTools.remove')}</button>
  </Tools>
</div>

<style>
  .tools {
    grid-column: 2;
    padding: 4px 26px;
    background: var(--lacquer-tint);
  }
  .tools :global(.last) {
    margin-left: auto;
  }
  @media (max-width: 720px) {
    .tools {
      grid-column: 1;
      padding: 0 16px;
    }
  }
</style>
