<script lang="ts">
  import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
  import { api, problemOf } from '../../api/client';
  import { notices } from '../../parts/notices';
  import { session } from '../../session.svelte';
  import type { SiteState } from '../../site.svelte';
  import SignUpFields from '../sign-in/SignUpFields.svelte';

  /** The main act of a site: publish. The first time it asks for an address, and for an account if there is none. */
  let { site }: { site: SiteState } = $props();

  let open = $state(false);
  let busy = $state(false);
  let address = $state('');
  let account = $state({ name: '', email: '', password: '' });
  let fault = $state({ field: '', detail: '' });
  let published = $state('');

  const view = $derived(site.view);
  const standing = $derived(
    !view
      ? ''
      : !view.publicAddress
        ? 'Not public yet'
        : view.pendingChanges
          ? 'Changes not public yet'
          : 'Public as it stands'
  );

  async function press(): Promise<void> {
    await site.keep();
    if (!view) return;
    if (view.publicAddress && session.isIn) {
      await publish();
      return;
    }
    address = view.addressName;
    account = { name: site.sheet.person || account.name, email: account.email, password: '' };
    fault = { field: '', detail: '' };
    published = '';
    open = true;
  }

  async function publish(): Promise<void> {
    if (!view || busy) return;
    busy = true;
    fault = { field: '', detail: '' };
    try {
      if (!session.isIn) {
        const made = await api.POST('/api/accounts', { body: account });
        if (!made.data) {
          fault = problemOf(made.error, made.response);
          return;
        }
        session.set(made.data);
      }
      const answer = await api.POST('/api/sites/{id}/publications', {
        params: { path: { id: view.id } },
        body: { address }
      });
      if (!answer.data) {
        fault = problemOf(answer.error, answer.response);
        if (!open) notices.error({ title: 'Not published', description: fault.detail });
        return;
      }
      published = answer.data.publicAddress;
      await site.reload();
      if (!open) notices.success({ title: 'Published', description: published });
    } catch {
      fault = { field: '', detail: 'The connection is away. Nothing was published; try again.' };
      if (!open) notices.error({ title: 'Not published', description: fault.detail });
    } finally {
      busy = false;
    }
  }
</script>

<span class="quiet standing" class:waits={standing !== 'Public as it stands'}>{standing}</span>
{#if view?.publicAddress}<a class="word live" href={view.publicAddress} target="_blank" rel="noopener"
    >Open it</a
  >{/if}
<button
  class="act main"
  onclick={press}
  disabled={busy || !view || view.missing.length > 0 || (!!view.publicAddress && !view.pendingChanges)}
  >{busy && !open ? 'Publishing …' : 'Publish'}</button
>

<Dialog {open} onOpenChange={(change) => (open = change.open)}>
  <Portal>
    <Dialog.Backdrop class="veil" />
    <Dialog.Positioner class="stand">
      <Dialog.Content class="leaf chosen publish">
        {#if published}
          <Dialog.Title class="h">Your page is public</Dialog.Title>
          <p class="where"><a class="word" href={published} target="_blank" rel="noopener">{published}</a></p>
          <p class="quiet">Messages from its form arrive under Enquiries.</p>
          <div class="foot">
            <a class="act main" href={published} target="_blank" rel="noopener">Open your page</a>
            <Dialog.CloseTrigger class="act">Close</Dialog.CloseTrigger>
          </div>
        {:else}
          <Dialog.Title class="h">Publish</Dialog.Title>
          <form
            onsubmit={(event) => {
              event.preventDefault();
              void publish();
            }}
            novalidate
          >
            <label for="address">Address of the site</label>
            <input
              id="address"
              class="line"
              bind:value={address}
              autocomplete="off"
              spellcheck="false"
              aria-invalid={fault.field === 'address' ? 'true' : undefined}
              aria-describedby="address-note"
            />
            <p id="address-note" class={fault.field === 'address' ? 'fault' : 'quiet'}>
              {fault.field === 'address'
                ? fault.detail
                : `People find it at ${address || '…'}.${location.host}`}
            </p>
            {#if !session.isIn}
              <p class="account">
                An account keeps the site yours. <a class="word" href="/sign-in">I have one</a>
              </p>
              <SignUpFields bind:account {fault} />
            {/if}
            {#if fault.detail && !['address', 'name', 'email', 'password'].includes(fault.field)}
              <p class="fault" role="alert">{fault.detail}</p>
            {/if}
            <div class="foot">
              <button class="act main" type="submit" disabled={busy}
                >{busy ? 'Publishing …' : 'Make it public'}</button
              >
              <Dialog.CloseTrigger class="act" type="button">Not yet</Dialog.CloseTrigger>
            </div>
          </form>
        {/if}
      </Dialog.Content>
    </Dialog.Positioner>
  </Portal>
</Dialog>

<style>
  .standing.waits {
    color: var(--brass);
    font-weight: 700;
  }
  :global(.veil) {
    position: fixed;
    inset: 0;
    z-index: 40;
    background: rgb(19 26 23 / 0.55);
  }
  :global(.stand) {
    position: fixed;
    inset: 0;
    z-index: 41;
    display: grid;
    place-items: center;
    padding: 16px;
    overflow: auto;
  }
  :global(.publish) {
    width: min(520px, 100%);
    padding: 24px 28px;
    box-shadow: var(--shadow);
  }
  :global(.publish .h) {
    margin-bottom: 14px;
    font:
      700 25px/1.15 'Aleo Variable',
      Georgia,
      serif;
  }
  label {
    font-weight: 700;
  }
  .fault {
    margin-top: 6px;
    color: var(--madder);
    font-size: 15px;
  }
  .quiet {
    margin-top: 6px;
  }
  .standing {
    margin-top: 0;
  }
  .account {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
    align-items: center;
    margin: 14px 0 2px;
    padding-top: 10px;
    border-top: 1px solid var(--fine-rule);
  }
  .foot {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    margin-top: 20px;
  }
  .where {
    font-size: 18px;
    overflow-wrap: anywhere;
  }
  @media (max-width: 720px) {
    .standing {
      display: none;
    }
  }
</style>
