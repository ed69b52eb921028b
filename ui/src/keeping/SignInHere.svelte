<script lang="ts">
  import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
  import SignInForm from '../parts/SignInForm.svelte';
  import { tryAgain } from './outboxes';
  import { say } from '../words/say';

  /** Signs in without leaving the screen; what waits is sent at once. */
  let { open = $bindable(), done }: { open: boolean; done?: () => void } = $props();

  function signedIn(): void {
    open = false;
    tryAgain();
    done?.();
  }
</script>

<Dialog {open} onOpenChange={(change) => (open = change.open)}>
  <Portal>
    <Dialog.Backdrop class="veil" />
    <Dialog.Positioner class="stand">
      <Dialog.Content class="leaf is-open leaf-dialog">
        <Dialog.Title class="h">{say('keeping.signInHere.signIn')}</Dialog.Title>
        {#if open}
          <SignInForm done={signedIn}>
            {#snippet leave()}<Dialog.CloseTrigger class="act" type="button"
                >{say('keeping.signInHere.notNow')}</Dialog.CloseTrigger
              >{/snippet}
          </SignInForm>
        {/if}
      </Dialog.Content>
    </Dialog.Positioner>
  </Portal>
</Dialog>
