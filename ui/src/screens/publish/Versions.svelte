<script lang="ts">
  import type { components } from '../../api/schema';

  /** What was published, the last first; any of it can be had back. */
  let {
    versions,
    address,
    owner,
    busy,
    putBack,
    unpublish
  }: {
    versions: components['schemas']['Version'][];
    address: string | null;
    owner: boolean;
    busy: boolean;
    putBack: (version: number) => Promise<void>;
    unpublish: () => Promise<void>;
  } = $props();

  let sure = $state(0);
  const OFF = -1;

  const when = new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit'
  });
</script>

<section class="leaf" aria-label="Versions">
  <h2>Versions</h2>
  <ul>
    {#each versions as version (version.id)}
      <li>
        <span class="row">
          <span>{when.format(new Date(version.publishedAt))}</span>
          {#if version.live}
            <b class="live">live now</b>
          {:else if sure !== version.id}
            <button class="word" type="button" disabled={busy} onclick={() => (sure = version.id)}
              >Put back</button
            >
          {/if}
        </span>
        {#if sure === version.id}
          <p class="quiet">
            The public page and your manuscript both go back to how they were then. Undo in the manuscript
            brings your later words back.
          </p>
          <span class="row">
            <button
              class="act"
              type="button"
              disabled={busy}
              onclick={() => {
                sure = 0;
                void putBack(version.id);
              }}>Put this version back</button
            >
            <button class="word" type="button" onclick={() => (sure = 0)}>Leave it</button>
          </span>
        {/if}
      </li>
    {/each}
  </ul>
  {#if address && owner}
    <div class="off">
      {#if sure === OFF}
        <p class="quiet">
          People who open {address} then find nothing. The address stays yours, and all versions stay here.
        </p>
        <span class="row">
          <button
            class="act"
            type="button"
            disabled={busy}
            onclick={() => {
              sure = 0;
              void unpublish();
            }}>Take it off the web</button
          >
          <button class="word" type="button" onclick={() => (sure = 0)}>Leave it</button>
        </span>
      {:else}
        <button class="word" type="button" onclick={() => (sure = OFF)}>Take the site off the web</button>
      {/if}
    </div>
  {/if}
</section>

<style>
  section {
    padding: 14px 20px 8px;
  }
  ul {
    margin: 6px 0 0;
    padding: 0;
    list-style: none;
  }
  li,
  .off {
    padding: 6px 0;
    border-top: 1px solid var(--fine-rule);
  }
  .row {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 14px;
    min-height: 44px;
  }
  .live {
    color: var(--verdigris);
  }
</style>
