<script lang="ts">
  import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
  import { api, problemOf, type Problem } from '../../api/client';
  import { session } from '../../session.svelte';
  import type { SiteState } from '../../site.svelte';
  import SignInForm from '../../parts/SignInForm.svelte';
  import SignUpFields from '../sign-in/SignUpFields.svelte';
  import { say } from '../../words/say';

  /** Keeps the draft: from here on its words can be changed. The first time, an account is made in three fields. */
  let {
    site,
    kept,
    busy = $bindable(false)
  }: { site: SiteState; kept: () => void; busy?: boolean } = $props();

  let at = { round: 0, place: 0 };
  let open = $state(false);
  let hasAccount = $state(false);
  let account = $state({ name: '', email: '', password: '' });
  const NO_FAULT: Pick<Problem, 'field' | 'detail' | 'faults'> = { field: '', detail: '', faults: {} };
  let fault = $state(NO_FAULT);

  /** @param draft round and place on the table */
  export async function press(draft: { round: number; place: number }): Promise<void> {
    at = draft;
    await site.keep();
    fault = NO_FAULT;
    if (session.isIn) await keep();
    else {
      account = { name: site.sheet.lines.person || account.name, email: account.email, password: '' };
      open = true;
    }
  }

  async function keep(): Promise<void> {
    if (!site.view || busy) return;
    busy = true;
    fault = NO_FAULT;
    try {
      const wrong = await session.signUpIfNobody(account);
      if (wrong) {
        fault = wrong;
        return;
      }
      const { data, error, response } = await api.POST('/api/sites/{id}/kept', {
        params: { path: { id: site.view.id } },
        body: at
      });
      if (!data) {
        fault = problemOf(error, response);
        return;
      }
      // The dialog gives the focus back before what it stands on goes.
      open = false;
      await new Promise((closed) => setTimeout(closed, 60));
      await site.reload();
      kept();
    } finally {
      busy = false;
    }
  }
</script>

{#if fault.detail && !open}<p class="fault" role="alert">{fault.detail}</p>{/if}
<Dialog {open} onOpenChange={(change) => (open = change.open)}>
  <Portal>
    <Dialog.Backdrop class="veil" />
    <Dialog.Positioner class="stand">
      <Dialog.Content class="leaf chosen leaf-dialog keep-dialog">
        <Dialog.Title class="h">{say('page.keepAct.keepThisOne')}</Dialog.Title>
        <p class="quiet">{say('page.keepAct.anAccountKeepsTheSite')}</p>
        {#if hasAccount}
          <SignInForm done={keep}>
            {#snippet leave()}<button class="act" type="button" onclick={() => (hasAccount = false)}
                >{say('page.keepAct.iHaveNoneYet')}</button
              >{/snippet}
          </SignInForm>
          {#if fault.detail}<p class="fault" role="alert">{fault.detail}</p>{/if}
        {:else}
          <form
            onsubmit={(event) => {
              event.preventDefault();
              void keep();
            }}
            novalidate
          >
            <SignUpFields bind:account faults={fault.faults} />
            {#if fault.detail && !['name', 'email', 'password'].includes(fault.field)}
              <p class="fault" role="alert">{fault.detail}</p>
            {/if}
            <div class="foot">
              <button class="act main" type="submit" disabled={busy}
                >{busy ? say('page.keepAct.keeping') : say('page.keepAct.makeItMine')}</button
              >
              <Dialog.CloseTrigger class="act" type="button">{say('page.keepAct.notYet')}</Dialog.CloseTrigger
              >
            </div>
            <p>
              <button class="word" type="button" onclick={() => (hasAccount = true)}
                >{say('page.keepAct.iHaveAnAccount')}</button
              >
            </p>
          </form>
        {/if}
      </Dialog.Content>
    </Dialog.Positioner>
  </Portal>
</Dialog>

<style>
  .fault {
    color: var(--madder);
    font-size: 15px;
  }
</style>
