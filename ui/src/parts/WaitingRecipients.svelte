<script lang="ts">
  import { untrack } from 'svelte';
  import { api, problemOf } from '../api/client';
  import type { components } from '../api/schema';
  import { say } from '../words/say';

  /** Which of the addresses that messages go to have not said yes to that. */
  let { site, addresses }: { site: string; addresses: string } = $props();

  let waiting = $state.raw<components['schemas']['Waiting'][]>([]);
  let said = $state('');

  $effect(() => {
    const asked = { site, addresses };
    untrack(() => void load(asked.site));
  });

  async function load(asked: string): Promise<void> {
    const { data } = await api.GET('/api/sites/{id}/recipients/waiting', {
      params: { path: { id: asked } }
    });
    if (data && asked === site) waiting = data;
  }

  async function ask(email: string): Promise<void> {
    const { error, response } = await api.POST('/api/sites/{id}/recipients/asked', {
      params: { path: { id: site } },
      body: { email }
    });
    said = response.ok
      ? say('parts.waitingRecipients.askedAgain', { email })
      : problemOf(error, response).detail;
    await load(site);
  }
</script>

<svelte:window onfocus={() => waiting.length > 0 && void load(site)} />

{#if waiting.length > 0}
  <ul>
    {#each waiting as each (each.email)}
      <li>
        <span
          >{each.askedAt
            ? say('parts.waitingRecipients.waitsForAYes', { email: each.email })
            : say('parts.waitingRecipients.notAsked', { email: each.email })}</span
        >
        <button class="word" type="button" onclick={() => ask(each.email)}
          >{say('parts.waitingRecipients.askAgain')}</button
        >
      </li>
    {/each}
  </ul>
{/if}
<p class="quiet" role="status">{said}</p>

<style>
  ul {
    display: grid;
    gap: 8px;
    margin: 12px 0 4px;
    padding: 2px 0 2px 12px;
    border-left: 4px solid var(--control);
    list-style: none;
    font-size: 15px;
    overflow-wrap: anywhere;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    column-gap: 16px;
    line-height: 1.45;
  }
  .quiet {
    font-size: 14px;
  }
  .quiet:empty {
    display: none;
  }
</style>
