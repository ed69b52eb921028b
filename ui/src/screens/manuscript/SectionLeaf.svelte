<script lang="ts">
  import type { Section } from '../../document/types';
  import { getDesk } from './desk';
  import Margin from './Margin.svelte';
  import type { ManuscriptState } from './manuscript.svelte';
  import FormFields from './form/FormFields.svelte';
  import MessagesTo from './MessagesTo.svelte';
  import SectionTools from './SectionTools.svelte';
  import ServiceRows from './ServiceRows.svelte';
  import TextEditor from './TextEditor.svelte';
  import FactRows from './FactRows.svelte';
  import { say } from '../../words/say';

  /** One section of the manuscript: its margin, its words, and, when it is chosen, its tools. */
  let { manuscript, section }: { manuscript: ManuscriptState; section: Section } = $props();

  const desk = getDesk();
  const kind = $derived(manuscript.kindOf(section));
  const name = $derived(manuscript.nameOf(section));
  const chosen = $derived(manuscript.chosen === section.id);
  /** Nothing stands in it yet: what can be written is offered at once. */
  const isEmpty = $derived(Object.keys(section.texts).length === 0);
  const facts = $derived(
    kind.facts.flatMap((id) => manuscript.view?.facts.find((fact) => fact.id === id) ?? [])
  );

  function look(slot: string): 'headline' | 'heading' | 'body' | 'button' {
    if (slot === 'headline') return 'headline';
    if (slot === 'heading') return 'heading';
    return slot === 'second' || slot === 'send' ? 'button' : 'body';
  }

  function put(slot: string): void {
    const id = crypto.randomUUID();
    manuscript.edit({
      kind: 'putText',
      section: section.id,
      slot,
      text: {
        id,
        mark: 'OWN',
        tree: [{ kind: 'paragraph', inside: [] }],
        origin: { pattern: '', seed: 0, needs: [] }
      }
    });
    void manuscript.keep().then(() => setTimeout(() => document.getElementById(`text-${id}`)?.focus(), 50));
  }
</script>

<section
  class="section"
  class:chosen
  class:is-hidden={section.hidden}
  aria-label={name}
  id="section-{section.id}"
  tabindex="-1"
>
  <Margin {manuscript} {section} {name} />
  <!-- The words inside are what is focused; a press beside them chooses the section. -->
  <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
  <div
    class="words"
    onclick={() => desk.choose(section.id, '')}
    onfocusin={() => desk.choose(section.id, '')}
  >
    {#each kind.slots as slot (slot.name)}
      {@const text = section.texts[slot.name]}
      {#if text}
        <div class="slot" data-slot={slot.name}>
          <TextEditor
            {manuscript}
            id={text.id}
            tree={text.tree}
            shape={slot.shape}
            longest={slot.longest}
            label="{name}: {slot.words}"
            look={look(slot.name)}
            placeholder={say('manuscript.sectionLeaf.writeHere', { words: slot.words })}
          />
          {#if slot.name === 'second'}<span class="leads">{say('manuscript.sectionLeaf.theForm')}</span>{/if}
        </div>
      {:else if (chosen || isEmpty) && slot.name !== 'own' && slot.name !== 'story'}
        <p class="gap">
          <button class="word" type="button" onclick={() => put(slot.name)}
            >{say('manuscript.sectionLeaf.add', { words: slot.words })}</button
          >
        </p>
      {/if}
    {/each}
    {#if kind.first && manuscript.say('telephone', '')}
      <p class="slot">
        <span class="button-like"
          >{say('manuscript.sectionLeaf.call')}
          <button class="chip" type="button" onclick={() => desk.openLine('telephone')}
            >{manuscript.say('telephone', '')}</button
          ></span
        >
        <span class="leads">{say('manuscript.sectionLeaf.aCallWithOnePress')}</span>
      </p>
    {/if}
    {#if kind.first}
      <p class="slot">
        <button class="word" type="button" onclick={() => desk.openLine('pictures/opening')}
          >{say('manuscript.sectionLeaf.changeThePicture')}</button
        >
      </p>
    {/if}
    {#if !kind.known}<p class="leads">{say('manuscript.sectionLeaf.keptAsItIsVisitors')}</p>{/if}
    {#if kind.rows === 'service'}<ServiceRows {manuscript} {section} />
    {:else if kind.rows}<FactRows {manuscript} {section} />{/if}
    {#each section.items as item (item.id)}
      {#if item.texts['says']}
        <div class="slot practice" class:is-off={item.hidden}>
          <TextEditor
            {manuscript}
            id={item.texts['says'].id}
            tree={item.texts['says'].tree}
            shape="LINES"
            longest={400}
            label={say('manuscript.sectionLeaf.whatYouDoEveryTime', { name })}
          />
          <button
            class="small"
            type="button"
            onclick={() =>
              manuscript.edit({ kind: 'hideItem', section: section.id, item: item.id, hidden: !item.hidden })}
            >{item.hidden ? say('manuscript.sectionLeaf.show') : say('manuscript.sectionLeaf.hide')}</button
          >
        </div>
      {/if}
    {/each}
    {#if facts.length > 0}
      <dl class="facts">
        {#each facts as fact (fact.id)}
          <div>
            <dt>{fact.name.replace(/^(your|the) /, '')}</dt>
            <dd>
              <button
                class="chip"
                type="button"
                dir="auto"
                onclick={() => desk.openLine(fact.line)}
                aria-label={say('manuscript.sectionLeaf.change', {
                  name: fact.name,
                  says: fact.facets[0]?.says
                })}>{fact.facets[0]?.says}</button
              >
            </dd>
          </div>
        {/each}
      </dl>
    {/if}
    <FormFields {manuscript} section={section.id} />
    {#if kind.door === 'form'}<MessagesTo {manuscript} section={section.id} />{/if}
    {#if kind.door === 'list'}
      <p>
        <a class="word" href="/sites/{manuscript.id}/list">{say('manuscript.sectionLeaf.whoIsOnTheList')}</a>
      </p>
    {/if}
  </div>
  {#if chosen && !kind.everywhere}<SectionTools {manuscript} {section} />{/if}
</section>

<style>
  .section {
    display: grid;
    grid-template-columns: 176px minmax(0, 1fr);
    border-bottom: 1px solid var(--fine-rule);
    scroll-margin: 12px;
  }
  .section :global(> .margin) {
    grid-row: 1 / 3;
    background: var(--well);
    border-right: 1px solid var(--fine-rule);
  }
  .words {
    min-width: 0;
    padding: 16px 26px 18px;
  }
  .section:focus-visible {
    outline: 2px solid var(--lacquer);
    outline-offset: -1px;
  }
  .chosen {
    outline: 2px solid var(--lacquer);
    outline-offset: -1px;
    background: var(--sheet);
  }
  .is-hidden .words {
    opacity: 0.72;
  }
  .slot {
    margin-bottom: 8px;
  }
  .slot[data-slot='second'],
  .slot[data-slot='send'],
  .slot:has(> .button-like) {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    align-items: center;
  }
  .leads {
    color: var(--pencil);
    font-size: 15px;
  }
  .button-like {
    padding: 5px 6px 5px 14px;
    border: 1px solid var(--ink);
    border-radius: var(--leaf-small);
    font-weight: 700;
  }
  .chip {
    min-height: 26px;
    padding: 0 6px;
    border: 0;
    border-bottom: 1.5px solid var(--verdigris);
    border-radius: 2px 5px 0 0;
    background: var(--verdigris-tint);
    color: var(--ink);
    max-width: 100%;
    text-align: left;
    white-space: normal;
    overflow-wrap: anywhere;
    cursor: pointer;
  }
  .practice {
    display: flex;
    gap: 12px;
    align-items: start;
    justify-content: space-between;
  }
  .practice > :global(.text) {
    flex: 1;
    min-width: 0;
  }
  .is-off :global(.ProseMirror) {
    text-decoration: line-through;
  }
  .facts {
    margin: 10px 0 0;
  }
  .facts div {
    display: grid;
    grid-template-columns: 150px minmax(0, 1fr);
    gap: 12px;
    align-items: baseline;
    padding: 5px 0;
    border-top: 1px solid var(--fine-rule);
  }
  dd {
    min-width: 0;
  }
  dt {
    color: var(--pencil);
    font-size: 15px;
  }
  dt::first-letter {
    text-transform: uppercase;
  }
  .small {
    min-height: 32px;
    padding: 0;
    border: 0;
    background: none;
    color: var(--lacquer);
    font-weight: 700;
    cursor: pointer;
  }
  .small {
    font-size: 13.5px;
  }
  .small:hover {
    text-decoration: underline;
    text-underline-offset: 4px;
  }
  .gap .word {
    min-height: 32px;
    font-size: 15px;
  }
  @media (max-width: 720px) {
    .section {
      grid-template-columns: minmax(0, 1fr);
    }
    .section :global(> .margin) {
      grid-row: auto;
      border-right: 0;
      background: none;
    }
    .words {
      padding: 6px 16px 14px;
    }
    .small {
      min-height: 44px;
      min-width: 44px;
    }
    .facts div {
      grid-template-columns: minmax(0, 1fr);
      gap: 2px;
    }
    .chip {
      min-height: 44px;
    }
  }
</style>
