<script lang="ts">
  import { tick } from 'svelte';
  import { api, problemOf } from '../api/client';
  import { session } from '../session.svelte';
  import Frame from './Frame.svelte';
  import SignInForm from './SignInForm.svelte';

  /** The screen of a link from a mail that is good only for whoever is signed in with the account it was sent for. */
  interface Props {
    title: string;
    heading: string;
    /** What stands there while it is opened, once it was, and for who has to sign in before. */
    says: { opening: string; done: string; signIn: string };
    /** Opens the link. */
    open: () => Promise<{ error?: unknown; response: Response }>;
    /** Where one goes from here. */
    next: { href: string; words: string };
  }
  let { title, heading, says, open, next }: Props = $props();

  const UNAUTHORIZED = 401;
  // svelte-ignore state_referenced_locally
  let words = $state(says.opening);
  let asks = $state(false);
  let onward = $state<HTMLAnchorElement>();

  async function opened(): Promise<void> {
    const { error, response } = await open();
    asks = response.status === UNAUTHORIZED;
    words = response.ok ? says.done : asks ? says.signIn : problemOf(error, response).detail;
    await session.load();
  }

  async function signedIn(): Promise<void> {
    await opened();
    await tick();
    onward?.focus();
  }

  void (async () => {
    await api.GET('/api/session');
    await opened();
  })();
</script>

<svelte:head><title>{title}</title></svelte:head>

<Frame>
  <h1>{heading}</h1>
  <p class="lead" role="status">{words}</p>
  {#if asks}
    <div class="leaf">
      <SignInForm done={signedIn} />
    </div>
  {:else}
    <p class="on"><a class="word" bind:this={onward} href={next.href}>{next.words}</a></p>
  {/if}
</Frame>

<style>
  .on {
    margin-top: 12px;
  }
  .leaf {
    max-width: 460px;
    margin-top: 16px;
    padding: 20px 24px;
  }
</style>
