<script lang="ts">
  import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
  import { plain } from '../../document/words';
  import { textsOf } from '../../document/edits';
  import type { ManuscriptState } from './manuscript.svelte';

  /** One fact, to be changed everywhere at once. */
  let { manuscript, line = $bindable() }: { manuscript: ManuscriptState; line: string } = $props();

  const NAMES: Record<string, string> = {
    telephone: 'your telephone number',
    email: 'your mail address',
    hours: 'your hours',
    area: 'the places you come to',
    place: 'your address',
    'legal/lines': 'the line the law asks for'
  };

  let typed = $state('');
  let fault = $state('');
  let busy = $state(false);
  let shown = $state('');

  const fact = $derived(manuscript.view?.facts.find((each) => each.line === line));
  const name = $derived(fact?.name ?? NAMES[line] ?? 'this line');
  const places = $derived(
    manuscript.sections.filter((section) =>
      textsOf(section).some(
        (text) => fact && plain(text.tree, (id) => (id === fact.id ? '\u0000' : '')).includes('\u0000')
      )
    ).length
  );

  $effect(() => {
    if (line && line !== shown) {
      shown = line;
      typed = fact?.typed ?? '';
      fault = snagged();
    }
    if (!line) shown = '';
  });

  function snagged(): string {
    return (
      manuscript.view?.snags.find((snag) => snag.line === line && snag.rule === 'line-not-understood')
        ?.words ?? ''
    );
  }

  async function change(): Promise<void> {
    busy = true;
    manuscript.edit({ kind: 'setLine', path: line, words: typed });
    await manuscript.keep();
    busy = false;
    fault = snagged();
    if (!fault && !manuscript.waits) {
      const says = fact?.facets[0]?.says;
      manuscript.listener.said(says ? `Changed everywhere: ${says}` : `Taken out: ${name}`, false);
      line = '';
    }
  }
</script>

<Dialog open={line !== ''} onOpenChange={(change) => !change.open && (line = '')}>
  <Portal>
    <Dialog.Backdrop class="veil" />
    <Dialog.Positioner class="stand">
      <Dialog.Content class="leaf is-open leaf-dialog fact-dialog">
        <Dialog.Title class="h">Change {name}</Dialog.Title>
        <form
          onsubmit={(event) => {
            event.preventDefault();
            void change();
          }}
          novalidate
        >
          <label class="hidden-words" for="fact-line">{name}</label>
          <input
            id="fact-line"
            class="line"
            dir="auto"
            autocomplete="off"
            bind:value={typed}
            aria-invalid={fault ? 'true' : undefined}
            aria-describedby="fact-note"
          />
          <p id="fact-note" class={fault ? 'fault' : 'quiet'}>
            {fault ||
              (places > 1
                ? `It stands in the words of ${places} sections, and changes in all of them.`
                : 'It changes everywhere it stands.')}
          </p>
          <div class="foot">
            <button class="act main" type="submit" disabled={busy}>Change it everywhere</button>
            <Dialog.CloseTrigger class="act" type="button">Leave it</Dialog.CloseTrigger>
          </div>
        </form>
      </Dialog.Content>
    </Dialog.Positioner>
  </Portal>
</Dialog>

<style>
  .quiet {
    margin-top: 6px;
  }
</style>
