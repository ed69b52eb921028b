<script lang="ts">
  import { api } from '../../api/client';
  import type { components } from '../../api/schema';
  import type { SiteState } from '../../site.svelte';
  import { say } from '../../words/say';

  /** Names for a business without one, made from its trade, place and people. */
  let { site }: { site: SiteState } = $props();

  type Name = components['schemas']['NameView'];
  let names = $state.raw<Name[]>([]);
  let turn = $state(0);
  let open = $state(false);
  let away = $state(false);

  async function ask(next: number): Promise<void> {
    open = true;
    away = false;
    turn = next;
    await site.keep();
    if (!site.view) {
      away = true;
      return;
    }
    const { data } = await api.GET('/api/sites/{id}/names', {
      params: { path: { id: site.view.id }, query: { turn: next } }
    });
    if (data) names = data;
    else away = true;
  }

  function take(name: Name): void {
    site.sheet.lines.name = name.name;
    site.changed();
    open = false;
    document.getElementById('name')?.focus();
  }
</script>

{#if !open}
  <button class="word" type="button" onclick={() => ask(0)}
    >{say('opening.nameIdeas.noNameYetSeeSome')}</button
  >
{:else}
  <div class="ideas" role="group" aria-label={say('opening.nameIdeas.names')}>
    {#if away}<p class="quiet">{say('opening.nameIdeas.theConnectionIsAwayTry')}</p>{/if}
    {#each names as name (name.address)}
      <button type="button" class="chip-leaf" onclick={() => take(name)}>
        <b dir="auto">{name.name}</b>
        <span class="quiet">{name.address}{name.free ? '' : say('opening.nameIdeas.taken')}</span>
      </button>
    {/each}
    <p class="after">
      <button class="word" type="button" onclick={() => ask(turn + 1)}
        >{say('opening.nameIdeas.others')}</button
      >
      <button class="word" type="button" onclick={() => (open = false)}
        >{say('opening.nameIdeas.notNow')}</button
      >
      <span class="quiet">{say('opening.nameIdeas.withYourOwnNameAnd')}</span>
    </p>
  </div>
{/if}

<style>
  .ideas {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 6px;
  }
  .chip-leaf {
    display: grid;
    justify-items: start;
    padding-block: 4px;
    text-align: left;
  }
  .chip-leaf .quiet {
    font-size: 13.5px;
    font-weight: 400;
  }
  .after {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 16px;
    align-items: center;
    width: 100%;
  }
  .after .quiet,
  .word {
    font-size: 15px;
  }
</style>
