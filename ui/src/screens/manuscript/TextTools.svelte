<script lang="ts">
  import type { Editor } from '@tiptap/core';
  import { getDesk } from './desk';
  import type { ManuscriptState } from './manuscript.svelte';
  import { toolbar } from '../../parts/toolbar';
  import WordingDrawer from './WordingDrawer.svelte';
  import { say } from '../../words/say';

  /** What can be done with the words under the cursor, in words, at the foot of the manuscript. */
  let {
    editor,
    manuscript,
    lists,
    text
  }: { editor: Editor; manuscript: ManuscriptState; lists: boolean; text: string } = $props();

  const desk = getDesk();
  let revision = $state(0);

  $effect(() => {
    // A text that is taken away loses the focus while the screen is being drawn, when nothing may be changed.
    const turned = () => queueMicrotask(() => (revision += 1));
    editor.on('transaction', turned);
    return () => editor.off('transaction', turned);
  });

  let asking = $state<'' | 'fact' | 'link' | 'wording'>('');
  let target = $state('');

  const is = $derived.by(() => {
    void revision;
    return {
      bold: editor.isActive('bold'),
      italic: editor.isActive('italic'),
      list: editor.isActive('bulletList'),
      link: editor.isActive('link'),
      some: !editor.state.selection.empty,
      fact: selectedFact()
    };
  });

  /** The linked fact that was pressed. */
  function selectedFact(): string {
    const { selection } = editor.state;
    const node = 'node' in selection ? (selection.node as { attrs: Record<string, string> }) : null;
    return node?.attrs['fact'] ?? '';
  }

  const facts = $derived(manuscript.view?.facts ?? []);
  const sections = $derived(
    manuscript.sections.filter((section) => !['MASTHEAD', 'FOOTER', 'OPENING'].includes(section.kind))
  );

  /** Escape closes what is open, and then goes back to the words. */
  function back(event: KeyboardEvent): void {
    if (event.key !== 'Escape') return;
    event.stopPropagation();
    if (asking) asking = '';
    else editor.commands.focus();
  }

  function put(fact: string, facet: string): void {
    editor.chain().focus().insertContent({ type: 'fact', attrs: { fact, facet } }).run();
    asking = '';
  }

  function askForLink(): void {
    if (is.link) {
      editor.chain().focus().extendMarkRange('link').unsetLink().run();
      return;
    }
    target = '';
    asking = asking === 'link' ? '' : 'link';
  }

  function link(): void {
    const typed = target.trim();
    if (!typed) return;
    const address = /^(#|door:|mailto:|tel:|https?:)/.test(typed)
      ? typed
      : /^[^\s@/]+@[^\s@/]+$/.test(typed)
        ? `mailto:${typed}`
        : `https://${typed}`;
    editor.chain().focus().setMark('link', { href: address }).run();
    asking = '';
  }
</script>

<!-- svelte-ignore a11y_no_static_element_interactions -->
<div class="under" onkeydown={back}>
  <!-- Pressing a tool must not take the cursor out of the words. -->
  <div
    class="tools"
    role="toolbar"
    aria-label={say('manuscript.textTools.words')}
    tabindex="-1"
    {@attach toolbar}
    onmousedown={(event) => (event.target as HTMLElement).localName !== 'input' && event.preventDefault()}
  >
    <button type="button" aria-pressed={is.bold} onclick={() => editor.chain().focus().toggleBold().run()}
      >{say('manuscript.textTools.strong')}</button
    >
    <button type="button" aria-pressed={is.italic} onclick={() => editor.chain().focus().toggleItalic().run()}
      >{say('manuscript.textTools.emphasis')}</button
    >
    {#if lists}
      <button
        type="button"
        aria-pressed={is.list}
        onclick={() => editor.chain().focus().toggleBulletList().run()}
        >{say('manuscript.textTools.list')}</button
      >
    {/if}
    {#if is.fact}
      <button type="button" onclick={() => desk.openFact(is.fact, text)}
        >{say('manuscript.textTools.change', {
          name: facts.find((each) => each.id === is.fact)?.name ?? say('manuscript.textTools.thisFact')
        })}</button
      >
    {:else if is.some || is.link}
      <button type="button" aria-pressed={is.link} onclick={askForLink}
        >{is.link ? say('manuscript.textTools.takeTheLinkOff') : say('manuscript.textTools.link')}</button
      >
    {/if}
    <button
      type="button"
      aria-expanded={asking === 'fact'}
      onclick={() => (asking = asking === 'fact' ? '' : 'fact')}
      >{say('manuscript.textTools.putInAFact')}</button
    >
    <button
      type="button"
      aria-expanded={asking === 'wording'}
      onclick={() => (asking = asking === 'wording' ? '' : 'wording')}
      >{say('manuscript.textTools.sayItOtherwise')}</button
    >
  </div>
  {#if asking === 'fact'}
    <div class="drawer" role="group" aria-label={say('manuscript.textTools.facts')}>
      <p class="quiet">{say('manuscript.textTools.itChangesHereWheneverThe')}</p>
      {#each facts as fact (fact.id)}
        {#each fact.facets.slice(0, 1) as facet (facet.facet)}
          <button type="button" class="pick" onclick={() => put(fact.id, facet.facet)}>
            <span class="quiet">{fact.name}</span> <b dir="auto">{facet.says}</b>
          </button>
        {/each}
      {/each}
    </div>
  {:else if asking === 'wording'}
    <div class="drawer tall" role="group" aria-label={say('manuscript.textTools.sayItOtherwise')}>
      <WordingDrawer {manuscript} {text} done={() => (asking = '')} />
    </div>
  {:else if asking === 'link'}
    <form
      class="drawer"
      onsubmit={(event) => {
        event.preventDefault();
        link();
      }}
    >
      <label for="link-target">{say('manuscript.textTools.whereDoesItLead')}</label>
      <input
        id="link-target"
        class="line"
        bind:value={target}
        placeholder={say('manuscript.textTools.wwwGuildExample')}
        autocomplete="off"
      />
      <span class="places">
        <button
          type="button"
          class="chip-leaf"
          onclick={() => {
            target = 'door:call';
            link();
          }}>{say('manuscript.textTools.call')}</button
        >
        <button
          type="button"
          class="chip-leaf"
          onclick={() => {
            target = 'door:form';
            link();
          }}>{say('manuscript.textTools.theForm')}</button
        >
        {#each sections as section (section.id)}
          <button
            type="button"
            class="chip-leaf"
            onclick={() => {
              target = `#${section.anchor}`;
              link();
            }}>{section.anchor}</button
          >
        {/each}
      </span>
      <button type="submit" class="act">{say('manuscript.textTools.linkIt')}</button>
    </form>
  {/if}
</div>

<style>
  .under {
    position: relative;
  }
  .tools {
    display: flex;
    flex-wrap: wrap;
    gap: 0 16px;
  }
  .tools button {
    min-height: 44px;
    padding: 2px 0;
    border: 0;
    border-bottom: 2px solid transparent;
    background: none;
    color: var(--lacquer);
    font-size: 15px;
    font-weight: 700;
    cursor: pointer;
  }
  .tools button[aria-pressed='true'],
  .tools button[aria-expanded='true'] {
    border-bottom-color: var(--lacquer);
  }
  .drawer {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
    width: min(440px, calc(100vw - 40px));
    max-height: 260px;
    padding: 8px 12px 12px;
    overflow: auto;
    position: absolute;
    bottom: 100%;
    left: -12px;
    border: 1px solid var(--rule);
    border-radius: var(--leaf-small);
    background: var(--panel);
    box-shadow: var(--shadow);
    font:
      400 15px/1.4 'Atkinson Hyperlegible Next Variable',
      system-ui,
      sans-serif;
  }
  .drawer.tall {
    width: min(620px, calc(100vw - 40px));
    max-height: min(460px, 60vh);
  }
  .pick {
    display: flex;
    justify-content: space-between;
    gap: 14px;
    min-height: 36px;
    padding: 4px 6px;
    border: 0;
    border-radius: 2px;
    background: none;
    color: var(--ink);
    text-align: left;
    cursor: pointer;
  }
  .pick:hover,
  .pick:focus-visible {
    background: var(--verdigris-tint);
  }
  .pick b {
    overflow: hidden;
    max-width: 60%;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .places {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  @media (max-width: 720px) {
    .tools button,
    .pick {
      min-height: 44px;
    }
  }
</style>
