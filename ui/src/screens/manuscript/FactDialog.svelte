<script lang="ts">
  import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
  import { onDestroy, untrack } from 'svelte';
  import { textsOf } from '../../document/edits';
  import { plain } from '../../document/words';
  import type { SiteState } from '../../site.svelte';
  import FactEditor from '../facts/FactEditor.svelte';
  import { FactsState } from '../facts/facts.svelte';
  import { FilesState } from '../facts/files/files.svelte';
  import { kindOf } from '../facts/where';
  import type { ManuscriptState } from './manuscript.svelte';
  import { say } from '../../words/say';

  /** One fact, changed as on the facts sheet: with its question and its choices, and everywhere at once. */
  let {
    manuscript,
    site,
    line = $bindable()
  }: { manuscript: ManuscriptState; site: SiteState; line: string } = $props();

  /** What a picture is called by its use. */
  const PICTURES: Record<string, string> = {
    logo: say('manuscript.factDialog.yourLogo'),
    opening: say('manuscript.factDialog.thePictureAtTheOpening'),
    work: say('manuscript.factDialog.thePicturesOfYourWork'),
    icon: say('manuscript.factDialog.yourIcon')
  };

  const facts = new FactsState();
  const files = untrack(() => new FilesState(site));
  onDestroy(() => files.stop());

  let shown = $state('');
  let before = '';

  const kind = $derived(shown ? kindOf(shown, site.sheet) : undefined);
  const fact = $derived(manuscript.view?.facts.find((each) => each.line === shown));
  const name = $derived(
    fact?.name ??
      PICTURES[kind?.use ?? ''] ??
      kind?.label.toLowerCase() ??
      say('manuscript.factDialog.thisLine')
  );
  const places = $derived(
    manuscript.sections.filter((section) =>
      textsOf(section).some(
        (text) => fact && plain(text.tree, (id) => (id === fact.id ? '\u0000' : '')).includes('\u0000')
      )
    ).length
  );

  // What is shown stays until the dialog has closed.
  $effect(() => {
    if (!line || line === shown) return;
    shown = line;
    before = untrack(() => fact?.facets[0]?.says ?? '');
  });

  // The answers beneath the lines come with the site; it is asked anew after each change that is kept.
  $effect(() => {
    if (!line || !manuscript.view?.revision) return;
    untrack(() => {
      void site.reload().then(() => facts.follow(site));
      if (kind?.use || kind?.editor === 'documents') void files.follow();
    });
  });

  async function close(): Promise<void> {
    line = '';
    await manuscript.keep();
    const says = fact?.facets[0]?.says ?? '';
    if (manuscript.waits || says === before) return;
    manuscript.listener.said(
      says
        ? say('manuscript.factDialog.changedEverywhere', { says })
        : say('manuscript.factDialog.takenOut', { name }),
      false
    );
  }

  /** Enter in a single line is done with it. */
  function entered(event: KeyboardEvent): void {
    const field = event.target as HTMLElement;
    if (event.key === 'Enter' && field.localName === 'input' && kind?.editor === 'line') void close();
  }
</script>

<Dialog open={line !== ''} onOpenChange={(change) => !change.open && void close()}>
  <Portal>
    <Dialog.Backdrop class="veil" />
    <Dialog.Positioner class="stand">
      <Dialog.Content class="leaf is-open leaf-dialog fact-dialog">
        <Dialog.Title class="h">{say('manuscript.factDialog.change', { name })}</Dialog.Title>
        <!-- svelte-ignore a11y_no_static_element_interactions -->
        <div class="editor" onkeydown={entered}>
          {#if kind}
            {#key shown}<FactEditor {site} {facts} {files} {kind} />{/key}
          {:else}
            <p class="quiet">{say('manuscript.factDialog.thisStandsOnTheFacts')}</p>
          {/if}
        </div>
        <p class="quiet">
          {places > 1
            ? say('manuscript.factDialog.itStandsInTheWords', { places })
            : say('manuscript.factDialog.itChangesEverywhereItStands')}
        </p>
        <div class="foot">
          <button class="act main" type="button" onclick={close}>{say('manuscript.factDialog.done')}</button>
          {#if kind}<a class="word" href="/sites/{manuscript.id}?open={encodeURIComponent(kind.id)}"
              >{say('manuscript.factDialog.allFacts')}</a
            >{/if}
        </div>
      </Dialog.Content>
    </Dialog.Positioner>
  </Portal>
</Dialog>

<style>
  .editor {
    max-height: 60vh;
    overflow: auto;
    padding: 2px;
  }
  .quiet {
    margin-top: 8px;
  }
  .foot {
    align-items: center;
  }
</style>
