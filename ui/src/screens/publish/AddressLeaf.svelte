<script lang="ts">
  import { notices } from '../../parts/notices';

  /** Where the site is, to be opened, copied and told. */
  let { address }: { address: string } = $props();

  const shown = $derived(address.replace(/^https?:\/\//, '').replace(/\/$/, ''));

  async function copy(): Promise<void> {
    try {
      await navigator.clipboard.writeText(address);
      notices.success({ title: 'The address is copied.' });
    } catch {
      notices.error({
        title: 'Not copied.',
        description: `Your browser does not allow it. It is ${address}`
      });
    }
  }
</script>

<section class="leaf is-open" aria-labelledby="address-head">
  <h2 id="address-head">The address</h2>
  <p class="box">
    <b>{shown}</b>
    <button class="word" type="button" onclick={copy}>Copy</button>
  </p>
  <a class="word" href={address} target="_blank" rel="noopener">See it as people do</a>
</section>

<style>
  section {
    padding: 14px 20px 6px;
  }
  .box {
    display: flex;
    align-items: stretch;
    margin-top: 8px;
    border: 1px solid var(--control);
    border-radius: var(--leaf-small);
  }
  .box b {
    flex: 1;
    align-self: center;
    min-width: 0;
    padding: 4px 12px;
    overflow-wrap: anywhere;
  }
  .box .word {
    padding: 0 14px;
    border-left: 1px solid var(--rule);
  }
</style>
