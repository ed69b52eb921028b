<script lang="ts">
  import { api, problemOf } from '../../api/client';
  import type { components } from '../../api/schema';
  import Frame from '../../parts/Frame.svelte';
  import { route } from '../../router';
  import { say } from '../../words/say';

  /** Somebody was asked by mail whether the messages of a site may come to them. */
  const token = (route.params as { token?: string }).token ?? '';
  let asked = $state<components['schemas']['RecipientView'] | null>(null);
  let words = $state('');
  let busy = $state(false);
  let isDone = $state(false);

  void (async () => {
    const { data, error, response } = await api.GET('/api/recipients/{token}', {
      params: { path: { token } }
    });
    if (data) asked = data;
    else words = problemOf(error, response).detail;
  })();

  async function confirm(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    busy = true;
    try {
      const { error, response } = await api.POST('/api/recipients/{token}', { params: { path: { token } } });
      isDone = response.ok;
      words = response.ok
        ? say('invitation.recipient.theyCome', { site: asked?.site, email: asked?.email })
        : problemOf(error, response).detail;
    } finally {
      busy = false;
    }
  }
</script>

<svelte:head><title>{say('invitation.recipient.messagesOstium')}</title></svelte:head>

<Frame>
  {#if asked}
    <form class="leaf chosen" onsubmit={confirm} novalidate>
      <h1>{say('invitation.recipient.messagesOf', { site: asked.site })}</h1>
      {#if !isDone}
        <p>
          {say('invitation.recipient.fromWantsThem', {
            from: asked.from,
            site: asked.site,
            email: asked.email
          })}
        </p>
      {/if}
      <p role="status">{words}</p>
      {#if !isDone}
        <button class="act main" type="submit" disabled={busy}
          >{say('invitation.recipient.letThemCome')}</button
        >
      {/if}
    </form>
  {:else}
    <h1>{say('invitation.recipient.messages')}</h1>
    <p class="lead" role="status">{words || say('invitation.recipient.openingIt')}</p>
  {/if}
</Frame>

<style>
  form {
    display: grid;
    gap: 10px;
    max-width: 520px;
    margin: 24px auto;
    padding: 26px 30px;
    overflow-wrap: anywhere;
  }
  .act {
    justify-self: start;
    margin-top: 8px;
  }
</style>
