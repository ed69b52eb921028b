<script lang="ts">
  import { notices } from '../../parts/notices';
  import { say } from '../../words/say';

  /** Where the site is, to be opened, copied and told. */
  let { address }: { address: string } = $props();

  const shown = $derived(address.replace(/^https?:\/\//, '').replace(/\/$/, ''));

  async function copy(): Promise<void> {
    try {
      await navigator.clipboard.writeText(address);
      notices.success({ title: say('publish.addressLeaf.theAddressIsCopied') });
    } catch {
      notices.error({
        title: say('publish.addressLeaf.notCopied'),
        description: say('publish.addressLeaf.yourBrowserDoesNotAllow', { address })
      });
    }
  }
</script>

<section class="leaf is-open" aria-labelledby="address-head">
  <h2 id="address-head">{say('publish.addressLeaf.theAddress')}</h2>
  <p class="box">
    <b>{shown}</b>
    <button class="word" type="button" onclick={copy}>{say('publish.addressLeaf.copy')}</button>
  </p>
  <a class="word" href={address} target="_blank" rel="noopener"
    >{say('publish.addressLeaf.seeItAsPeopleDo')}</a
  >
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
