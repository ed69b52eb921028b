<script lang="ts">
  import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
  import { say } from '../../words/say';

  /** The keys, as a list. */
  let { open = $bindable() }: { open: boolean } = $props();

  const keys = [
    [say('manuscript.keys.brackets'), say('manuscript.keys.theSectionBeforeTheSection')],
    [say('manuscript.keys.altOr'), say('manuscript.keys.moveTheChosenSection')],
    [say('manuscript.keys.ctrlZ'), say('manuscript.keys.takeTheLastStepBack')],
    [say('manuscript.keys.ctrlShiftZOrCtrl'), say('manuscript.keys.doItAgain')],
    [say('manuscript.keys.ctrlBCtrlI'), say('manuscript.keys.strongWordsEmphasis')],
    ['Escape', say('manuscript.keys.outOfTheWordsTo')],
    [say('manuscript.keys.altF10'), say('manuscript.keys.toTheToolsOfThe')],
    [say('manuscript.keys.enterOnAGreenFact'), say('manuscript.keys.changeItEverywhere')],
    ['?', say('manuscript.keys.thisList')]
  ] as const;
</script>

<Dialog {open} onOpenChange={(change) => (open = change.open)}>
  <Portal>
    <Dialog.Backdrop class="veil" />
    <Dialog.Positioner class="stand">
      <Dialog.Content class="leaf chosen leaf-dialog keys-dialog">
        <Dialog.Title class="h">{say('manuscript.keys.keys')}</Dialog.Title>
        <dl>
          {#each keys as [key, what] (key)}
            <div>
              <dt>{key}</dt>
              <dd>{what}</dd>
            </div>
          {/each}
        </dl>
        <Dialog.CloseTrigger class="act">{say('manuscript.keys.close')}</Dialog.CloseTrigger>
      </Dialog.Content>
    </Dialog.Positioner>
  </Portal>
</Dialog>

<style>
  dl {
    margin: 12px 0 18px;
  }
  div {
    display: grid;
    grid-template-columns: 180px 1fr;
    padding: 5px 0;
    border-top: 1px solid var(--fine-rule);
  }
  dt {
    font-weight: 700;
  }
</style>
