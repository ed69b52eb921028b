<script lang="ts">
  import { Toast } from '@skeletonlabs/skeleton-svelte';
  import { notices } from './notices';
  import { say } from '../words/say';
</script>

<Toast.Group toaster={notices}>
  {#snippet children(toast)}
    <Toast {toast} class="notice leaf {toast.type === 'error' ? 'wrong' : 'is-open'}">
      <Toast.Message>
        <Toast.Title class="title">{toast.title}</Toast.Title>
        {#if toast.description}<Toast.Description class="quiet">{toast.description}</Toast.Description>{/if}
      </Toast.Message>
      {#if toast.action}<Toast.ActionTrigger class="word">{toast.action.label}</Toast.ActionTrigger>{/if}
      <Toast.CloseTrigger class="word" aria-label={say('parts.notices.close')}
        >{say('parts.notices.close')}</Toast.CloseTrigger
      >
    </Toast>
  {/snippet}
</Toast.Group>

<style>
  :global(.notice) {
    display: flex;
    gap: 20px;
    align-items: center;
    justify-content: space-between;
    padding: 10px 18px;
    box-shadow: var(--shadow);
    min-width: min(420px, 90vw);
    color: var(--ink);
  }
  :global(.notice .title) {
    font-weight: 700;
  }
</style>
