<script lang="ts">
  import type { components } from '../../api/schema';
  import { LANGUAGE, say } from '../../words/say';

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
    if (!first) return version.number === 1 ? say('publish.versions.theFirstVersion') : '';
    const says = ['facts', 'look', 'order'].includes(first.part);
    const what = says ? first.words : `${first.where}: ${first.words}`;
    return more.length === 0 ? what : say('publish.versions.andMore', { what, number: more.length });
  }

  const when = new Intl.DateTimeFormat(LANGUAGE, {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit'
  });
</script>

<section class="leaf" aria-label={say('publish.versions.versions')}>
  <h2>{say('publish.versions.versions')}</h2>
  <ol>
    {#if waiting > 0}
      <li class="coming">
        <b>{say('publish.versions.theComingOne')}</b>
        <p>{say('publish.versions.oneChange', { count: waiting })}</p>
      </li>
    {/if}
    {#each versions as version (version.id)}
      <li class:live={version.live}>
        <b>{version.number}</b> · {when.format(new Date(version.publishedAt))}
        {#if version.live}<b class="now">{say('publish.versions.liveNow')}</b>{/if}
        {#if different(version)}<p class="quiet">{different(version)}</p>{/if}
        {#if !version.live && sure !== version.id}
          <span class="acts">
            <a class="word" href="{preview}version/{version.id}/" target="_blank" rel="noopener"
              >{say('publish.versions.look')}</a
            >
            <button class="word" type="button" disabled={busy} onclick={() => (sure = version.id)}
              >{say('publish.versions.putBack')}</button
            >
          </span>
        {/if}
        {#if sure === version.id}
          <p class="quiet">
            {say('publish.versions.thePublicPageAndYour')}
          </p>
          <span class="row">
            <button
              class="act"
              type="button"
              disabled={busy}
              onclick={() => {
                sure = 0;
                void putBack(version.id);
              }}>{say('publish.versions.putThisVersionBack')}</button
            >
            <button class="word" type="button" onclick={() => (sure = 0)}
              >{say('publish.versions.leaveIt')}</button
            >
          </span>
        {/if}
      </li>
    {/each}
  </ol>
  {#if address && owner}
    <div class="off">
      {#if sure === OFF}
        <p class="quiet">
          {say('publish.versions.peopleWhoOpenThenFind', { address })}
        </p>
        <span class="row">
          <button
            class="act"
            type="button"
            disabled={busy}
            onclick={() => {
              sure = 0;
              void unpublish();
            }}>{say('publish.versions.takeItOffTheWeb')}</button
          >
          <button class="word" type="button" onclick={() => (sure = 0)}
            >{say('publish.versions.leaveIt')}</button
          >
        </span>
      {:else}
        <button class="word" type="button" onclick={() => (sure = OFF)}
          >{say('publish.versions.takeTheSiteOffThe')}</button
        >
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
