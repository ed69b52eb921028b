<script lang="ts">
  import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';

  /** The keys, as a list. */
  let { open = $bindable() }: { open: boolean } = $props();

  const keys = [
    ['[ and ]', 'the section before, the section after'],
    ['Alt + ↑ or ↓', 'move the chosen section'],
    ['Ctrl + Z', 'take the last step back'],
    ['Ctrl + Shift + Z or Ctrl + Y', 'do it again'],
    ['Ctrl + B, Ctrl + I', 'strong words, emphasis'],
    ['Escape', 'out of the words, to their section'],
    ['Alt + F10', 'to the tools of the words or the row; arrows between them'],
    ['Enter on a green fact', 'change it everywhere'],
    ['?', 'this list']
  ] as const;
</script>

<Dialog {open} onOpenChange={(change) => (open = change.open)}>
  <Portal>
    <Dialog.Backdrop class="veil" />
    <Dialog.Positioner class="stand">
      <Dialog.Content class="leaf chosen leaf-dialog keys-dialog">
        <Dialog.Title class="h">Keys</Dialog.Title>
        <dl>
          {#each keys as [key, what] (key)}
            <div>
              <dt>{key}</dt>
              <dd>{what}</dd>
            </div>
          {/each}
        </dl>
        <Dialog.CloseTrigger class="act">Close</Dialog.CloseTrigger>
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
