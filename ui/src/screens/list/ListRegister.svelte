<script lang="ts">
  import { tick } from 'svelte';
  import { notices } from '../../parts/notices';
  import type { ListState, Member } from './list.svelte';
  import { LANGUAGE, say } from '../../words/say';

  /** Everybody on the list, the last who came first. */
  let { list }: { list: ListState } = $props();

  const when = new Intl.DateTimeFormat(LANGUAGE, { day: 'numeric', month: 'short', year: 'numeric' });
  let sure = $state('');
  let opened = $state('');

  async function focus(place: string): Promise<void> {
    await tick();
    document.getElementById(place)?.focus();
  }

  function ask(member: Member): void {
    sure = member.id;
    void focus(`sure-${member.id}`);
  }

  function keep(member: Member): void {
    sure = '';
    void focus(`member-${member.id}`);
  }

  async function more(): Promise<void> {
    const before = list.members.length;
    await list.more();
    const next = list.members[before];
    if (next) void focus(`member-${next.id}`);
  }

  async function remove(member: Member, index: number): Promise<void> {
    const problem = await list.remove(member);
    if (problem)
      notices.error({ title: say('list.listRegister.stillOnTheList'), description: problem.detail });
    else notices.info({ title: say('list.listRegister.isOffTheListAnd', { email: member.email }) });
    sure = '';
    const next = list.members[index] ?? list.members.at(-1);
    void focus(next ? `member-${next.id}` : 'find-member');
  }
</script>

<section class="leaf" aria-label={say('list.listRegister.onTheList')}>
  {#if (list.view?.number ?? 0) > 0 || list.search}
    <p class="find">
      <label class="hidden-words" for="find-member">{say('list.listRegister.findSomebody')}</label>
      <input
        id="find-member"
        class="line"
        type="search"
        placeholder={say('list.listRegister.findSomebody')}
        value={list.search}
        oninput={(event) => list.find(event.currentTarget.value)}
      />
      <a class="word" href="/api/sites/{list.id}/list.csv" download>{say('list.listRegister.allAsAFile')}</a>
    </p>
  {/if}
  <ul>
    {#each list.members as member, index (member.id)}
      <li>
        <button
          id="member-{member.id}"
          class="who"
          aria-expanded={opened === member.id}
          onclick={() => (opened = opened === member.id ? '' : member.id)}
        >
          <b dir="auto">{member.name || member.email}</b>
          {#if member.name}<span dir="auto">{member.email}</span>{/if}
          <span class="quiet">{when.format(new Date(member.since))}</span>
        </button>
        {#if opened === member.id}
          <div class="more">
            <p class="quiet">
              {say('list.listRegister.agreedOnTo', { format: when.format(new Date(member.agreedAt)) })}
            </p>
            <p dir="auto">{member.agreed}</p>
            {#if sure === member.id}
              <p class="acts" role="status">
                {say('list.listRegister.theyAreDeletedHereAnd')}
                <button id="sure-{member.id}" class="word" onclick={() => remove(member, index)}
                  >{say('list.listRegister.takeThemOff')}</button
                >
                <button class="word" onclick={() => keep(member)}>{say('list.listRegister.keepThem')}</button>
              </p>
            {:else}
              <button class="word" onclick={() => ask(member)}
                >{say('list.listRegister.takeOffTheList')}</button
              >
            {/if}
          </div>
        {/if}
      </li>
    {:else}
      <li class="quiet none">
        {list.search
          ? say('list.listRegister.nobodyLikeThatIsOn')
          : say('list.listRegister.whoeverSignsUpOnYour')}
      </li>
    {/each}
  </ul>
  {#if list.view?.next}
    <button class="word" onclick={more}>
      {list.busy ? say('list.listRegister.bringing') : say('list.listRegister.showMore')}
    </button>
  {/if}
</section>

<style>
  section {
    padding: 10px 20px 8px;
  }
  .find {
    display: flex;
    gap: 20px;
    align-items: center;
    margin-bottom: 4px;
  }
  .find .line {
    flex: 1;
    min-width: 0;
  }
  .find .word {
    flex: none;
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li + li {
    border-top: 1px solid var(--fine-rule);
  }
  .none {
    padding: 14px 0;
  }
  .who {
    display: grid;
    grid-template-columns: minmax(0, 2fr) minmax(0, 3fr) 6.5em;
    gap: 0 16px;
    align-items: baseline;
    width: 100%;
    min-height: 46px;
    padding: 10px 0;
    border: 0;
    background: none;
    color: var(--ink);
    font: inherit;
    text-align: left;
    cursor: pointer;
    overflow-wrap: anywhere;
  }
  .who b:nth-last-child(2) {
    grid-column: 1 / 3;
  }
  .who:hover b {
    text-decoration: underline;
    text-underline-offset: 4px;
  }
  .who .quiet {
    font-size: 15px;
    text-align: right;
  }
  .more {
    padding: 0 0 10px 14px;
    border-left: 3px solid var(--lacquer);
    margin-bottom: 10px;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 20px;
    align-items: center;
  }
  @media (max-width: 720px) {
    .who {
      grid-template-columns: minmax(0, 1fr);
    }
    .who b:nth-last-child(2) {
      grid-column: auto;
    }
    .who .quiet {
      text-align: left;
    }
    .find {
      flex-wrap: wrap;
    }
    .find .line {
      flex-basis: 100%;
    }
  }
</style>
