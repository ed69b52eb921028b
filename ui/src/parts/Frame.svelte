<script lang="ts">
  import type { Snippet } from 'svelte';
  import { navigate, route } from '../router';
  import { session } from '../session.svelte';
  import type { SiteState } from '../site.svelte';
  import DoorMark from './DoorMark.svelte';
  import LightSwitch from './LightSwitch.svelte';
  import { say } from '../words/say';

  /** The frame around every screen: whose site it is, where you are, what is not public yet, and the main act. */
  let {
    site,
    act,
    broad = false,
    children
  }: { site?: SiteState; act?: Snippet; broad?: boolean; children: Snippet } = $props();

  const id = $derived(site?.view?.id ?? '');
  const begun = $derived(
    site?.view !== null &&
      site?.view !== undefined &&
      (site.view.missing.length === 0 || !!site.view.publicAddress)
  );
  const name = $derived(site?.sheet.lines.name.trim() || 'Ostium');
  const places = $derived([
    { path: `/sites/${id}`, words: say('parts.frame.facts'), waits: '' },
    {
      path: `/sites/${id}/page`,
      words: site?.view?.kept === false ? say('parts.frame.drafts') : say('parts.frame.page'),
      waits: ''
    },
    ...(site?.view?.kept
      ? [
          { path: `/sites/${id}/look`, words: say('parts.frame.look'), waits: '' },
          { path: `/sites/${id}/doors`, words: say('parts.frame.doors'), waits: '' },
          {
            path: `/sites/${id}/diary`,
            words: say('parts.frame.diary'),
            waits: site.view.bookingsAsked ? say('parts.frame.ask', { count: site.view.bookingsAsked }) : ''
          }
        ]
      : []),
    {
      path: `/sites/${id}/enquiries`,
      words: say('parts.frame.enquiries'),
      waits: site?.view?.newEnquiries ? say('parts.frame.wait', { number: site.view.newEnquiries }) : ''
    }
  ]);

  let nav = $state<HTMLElement>();

  // Where the row of screens is longer than the phone is wide, the one you are on is in sight, with what waits there.
  $effect(() => {
    void places;
    const here = nav?.querySelector<HTMLElement>(`a[href="${route.pathname}"]`);
    if (nav && here) nav.scrollLeft = here.offsetLeft + here.offsetWidth - nav.offsetLeft - nav.clientWidth;
  });

  /** From a sheet begun at the front page, the front page is a new, blank sheet. */
  function toStart(event: MouseEvent): void {
    if (session.isIn || location.pathname === '/' || route.pathname !== '/') return;
    event.preventDefault();
    location.assign('/');
  }

  async function leave(): Promise<void> {
    await session.signOut();
    navigate('/sign-in');
  }
</script>

<div class="screen">
  <a class="skip" href="#main">{say('parts.frame.skipToTheContent')}</a>
  <header>
    <a class="sign" href={session.isIn ? '/sites' : '/'} onclick={toStart}>
      <DoorMark />
      <span dir="auto">{name}</span>
    </a>
    {#if begun}
      <nav aria-label={say('parts.frame.screens')} bind:this={nav}>
        {#each places as place (place.path)}
          <a href={place.path} aria-current={route.pathname === place.path ? 'page' : undefined}>
            {place.words}{#if place.waits}<span class="waits">{place.waits}</span>{/if}
          </a>
        {/each}
      </nav>
    {/if}
    <div class="acts">
      {#if session.isIn && site}<a class="word all-sites" href="/sites">{say('parts.frame.allSites')}</a>{/if}
      {#if act}
        {@render act()}
      {:else if !session.isIn && session.known}
        <span class="quiet wide">{say('parts.frame.noAccountNeededYet')}</span>
        <a class="act" href="/sign-in">{say('parts.frame.signIn')}</a>
      {/if}
    </div>
  </header>
  <main id="main" class:broad>
    {@render children()}
  </main>
  <footer>
    <div class="foot">
      <LightSwitch />
      {#if session.isIn}
        <span class="account">
          <span class="quiet">{session.current.email}</span>
          <a class="word" href="/account">{say('parts.frame.yourAccount')}</a>
          <a class="word" href="/sites">{say('parts.frame.allSites')}</a>
          <button class="word" onclick={leave}>{say('parts.frame.signOut')}</button>
        </span>
      {/if}
    </div>
  </footer>
</div>

<style>
  /* The foot stands at the bottom, however little there is above it. */
  .screen {
    display: flex;
    flex-direction: column;
    min-height: 100vh;
  }
  .skip {
    position: absolute;
    left: 8px;
    top: -60px;
    z-index: 30;
    padding: 12px 18px;
    background: var(--lacquer-fill);
    color: var(--on-lacquer);
    font-weight: 700;
  }
  .skip:focus {
    top: 6px;
  }
  header {
    display: flex;
    align-items: stretch;
    min-height: 56px;
    padding-right: 20px;
    background: var(--panel);
    border-bottom: 1px solid var(--rule);
  }
  .sign {
    display: flex;
    align-items: center;
    gap: 10px;
    max-width: 300px;
    min-width: 0;
    padding: 6px 20px;
    border-right: 1px solid var(--rule);
    color: var(--ink);
    font:
      700 17px/1.15 'Aleo Variable',
      Georgia,
      serif;
  }
  .sign span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  nav {
    display: flex;
    padding: 0 10px;
  }
  nav a {
    display: flex;
    align-items: center;
    gap: 6px;
    margin: 14px 0;
    padding: 0 12px;
    border-left: 4px solid transparent;
    color: var(--pencil);
    white-space: nowrap;
  }
  nav a:hover {
    color: var(--ink);
  }
  nav a[aria-current] {
    border-left-color: var(--lacquer-fill);
    color: var(--ink);
    font-weight: 700;
  }
  .waits {
    color: var(--brass);
    font-size: 14px;
    font-weight: 700;
  }
  .acts {
    display: flex;
    align-items: center;
    gap: 14px;
    margin-left: auto;
    padding-left: 12px;
  }
  .all-sites {
    font-size: 15px;
    font-weight: 400;
  }
  .acts :global(.act) {
    min-height: 38px;
    padding-block: 5px;
    font-size: 16px;
  }
  main {
    flex: 1;
    width: 100%;
    max-width: 1320px;
    margin: 0 auto;
    padding: 26px 32px 48px;
  }
  main.broad {
    max-width: 1700px;
    padding-block: 16px 24px;
  }
  footer {
    border-top: 1px solid var(--rule);
    background: var(--well);
  }
  .foot {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0 22px;
    width: 100%;
    max-width: 1320px;
    margin: 0 auto;
    padding: 2px 32px;
  }
  .account {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 22px;
  }
  @media (min-width: 1200px) {
    main,
    .foot {
      padding-inline: 44px;
    }
  }
  @media (max-width: 1440px) {
    .all-sites {
      display: none;
    }
  }
  @media (max-width: 1340px) {
    nav a {
      padding: 0 8px;
    }
  }
  @media (max-width: 720px) {
    header {
      flex-wrap: wrap;
      padding-right: 12px;
    }
    .sign {
      flex: 1;
      max-width: none;
      padding: 6px 12px 6px 16px;
      border-right: 0;
    }
    .wide {
      display: none;
    }
    nav {
      order: 3;
      width: 100%;
      padding: 0 8px;
      border-top: 1px solid var(--fine-rule);
    }
    nav {
      overflow-x: auto;
    }
    nav a {
      flex: none;
      margin: 0;
      min-height: 44px;
      padding: 0 7px;
      font-size: 15px;
    }
    .acts {
      padding-block: 6px;
    }
    .acts :global(.act) {
      min-height: 44px;
    }
    main {
      padding: 18px 16px 36px;
    }
    .foot {
      padding: 2px 16px 10px;
    }
  }
  @media print {
    header,
    footer {
      display: none;
    }
  }
</style>
