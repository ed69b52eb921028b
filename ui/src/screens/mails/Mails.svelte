<script lang="ts">
  import { api } from '../../api/client';
  import type { components } from '../../api/schema';
  import Frame from '../../parts/Frame.svelte';
  import { LANGUAGE, say } from '../../words/say';

  /** What the mail stand-in has caught. */
  let mails = $state.raw<components['schemas']['Caught'][] | null>(null);
  let texts = $state.raw<components['schemas']['CaughtText'][]>([]);
  let none = $state(false);

  async function load(): Promise<void> {
    const { data } = await api.GET('/api/stand-in/mails');
    if (data) mails = data;
    else none = true;
    texts = (await api.GET('/api/stand-in/texts')).data ?? [];
  }

  $effect(() => {
    void load();
    const again = setInterval(() => void load(), 3000);
    return () => clearInterval(again);
  });

  const when = new Intl.DateTimeFormat(LANGUAGE, { hour: '2-digit', minute: '2-digit', second: '2-digit' });

  function shown(messageId: string): string {
    return `/api/stand-in/mails/${encodeURIComponent(messageId.replace(/[<>]/g, ''))}/shown`;
  }

  /** The links of a mail, to be pressed. */
  function parts(text: string): { words: string; link: boolean }[] {
    return text.split(/(https?:\/\/\S+)/).map((words) => ({ words, link: /^https?:\/\//.test(words) }));
  }
</script>

<svelte:head><title>{say('mails.mails.mailStandInOstium')}</title></svelte:head>

<Frame>
  <h1>{say('mails.mails.mailStandIn')}</h1>
  <p class="lead">
    {say('mails.mails.noMailLeavesThisMachine')}
  </p>
  {#if none}
    <p>{say('mails.mails.nothingIsCaughtHereA')}</p>
  {:else if mails && mails.length === 0}
    <p class="leaf empty">{say('mails.mails.nothingCaughtYetWriteA')}</p>
  {:else if mails}
    <ul>
      {#each mails as mail, index (index)}
        <li class="leaf">
          <h2 dir="auto">{mail.subject}</h2>
          <p class="quiet">
            {say('mails.mails.to', {
              to: mail.to,
              format: when.format(new Date(mail.at)),
              rest: mail.replyTo ? say('mails.mails.answersGoTo', { replyTo: mail.replyTo }) : ''
            })}{#if mail.html}<a href={shown(mail.messageId)} target="_blank" rel="noreferrer"
                >{say('mails.mails.asAMailProgramShows')}</a
              >{/if}
          </p>
          <p class="text" dir="auto">
            {#each parts(mail.text) as part, index (index)}{#if part.link}<a href={part.words}>{part.words}</a
                >{:else}{part.words}{/if}{/each}
          </p>
        </li>
      {/each}
    </ul>
  {/if}
  {#if texts.length > 0}
    <h2 class="texts">{say('mails.mails.texts')}</h2>
    <p class="quiet">{say('mails.mails.whatWouldHaveGoneTo')}</p>
    <ul>
      {#each texts as text (text.id)}
        <li class="leaf">
          <p class="quiet">
            {say('mails.mails.to2', { to: text.to, format: when.format(new Date(text.at)) })}
          </p>
          <p class="text" dir="auto">{text.words}</p>
        </li>
      {/each}
    </ul>
  {/if}
</Frame>

<style>
  .lead {
    margin: 8px 0 20px;
  }
  ul {
    display: grid;
    gap: 14px;
    max-width: 760px;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li,
  .empty {
    padding: 16px 20px;
  }
  .quiet a {
    margin-left: 12px;
  }
  .text {
    margin-top: 8px;
    white-space: pre-wrap;
    overflow-wrap: anywhere;
  }
</style>
