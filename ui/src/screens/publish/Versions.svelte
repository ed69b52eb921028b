<script lang="ts">
  import type { components } from '../../api/schema';

  /** What was published, the last first; any of it can be had back. */
  let {
    versions,
    preview,
    waiting,
    address,
    owner,
    busy,
    putBack,
    unpublish
  }: {
    versions: components['schemas']['Version'][];
    preview: string;
    waiting: number;
    address: string | null;
    owner: boolean;
    busy: boolean;
    putBack: (version: number) => Promise<void>;
    unpublish: () => Promise<void>;
  } = $props();

  let sure = $state(0);
  const OFF = -1;

  /** How a version differed from the one before, in a line. */
  function different(version: components['schemas']['Version']): string {
    const [first, ...more] = version.changes;
    if (!first) return version.number === 1 ? 'The first version' : '';
    const what = /^(Facts|Look|Order)$/.test(first.where) ? first.words : `${first.where}: ${first.words}`;
    return more.length === 0 ? what : `${what}, and ${more.length} more`;
  }

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
  <ol>
    {#if waiting > 0}
      <li class="coming">
        <b>The coming one</b>
        <p>{waiting === 1 ? 'One change' : `${waiting} changes`}</p>
      </li>
    {/if}
    {#each versions as version (version.id)}
      <li class:live={version.live}>
        <b>{version.number}</b> · {when.format(new Date(version.publishedAt))}
        {#if version.live}<b class="now">live now</b>{/if}
        {#if different(version)}<p class="quiet">{different(version)}</p>{/if}
        {#if !version.live && sure !== version.id}
          <span class="acts">
            <a class="word" href="{preview}version/{version.id}/" target="_blank" rel="noopener">Look</a>
            <button class="word" type="button" disabled={busy} onclick={() => (sure = version.id)}
              >Put back</button
            >
          </span>
        {/if}
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
  </ol>
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
  ol {
    margin: 10px 0 0;
    padding: 0;
    list-style: none;
  }
  /* A line from one version to the one before it, each with its mark. */
  li {
    position: relative;
    padding: 0 0 12px 24px;
    font-size: 15px;
  }
  li::before {
    content: '';
    position: absolute;
    left: 0;
    top: 4px;
    width: 13px;
    height: 13px;
    border: 2px solid var(--pencil);
    background: var(--panel);
    z-index: 1;
  }
  li:not(:last-child)::after {
    content: '';
    position: absolute;
    left: 6px;
    top: 10px;
    bottom: -4px;
    border-left: 1px solid var(--rule);
  }
  li.live::before {
    border-color: var(--verdigris);
    background: var(--verdigris);
  }
  li.coming {
    color: var(--brass);
  }
  li.coming::before {
    border: 2px dashed var(--brass);
  }
  .now {
    color: var(--verdigris);
  }
  .acts {
    display: flex;
    gap: 20px;
    margin-bottom: -8px;
  }
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
</style>
