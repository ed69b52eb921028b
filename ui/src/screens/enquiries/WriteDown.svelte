<script lang="ts">
  import { onMount, tick } from 'svelte';
  import type { Enquiry } from '../../api/client';
  import { EnquiriesState } from './enquiries.svelte';
  import { say } from '../../words/say';

  /** Somebody rang or came by: kept like a message from the form. */
  let {
    enquiries,
    services,
    done,
    leave
  }: {
    enquiries: EnquiriesState;
    services: string[];
    done: (enquiry: Enquiry) => void;
    leave: () => void;
  } = $props();

  let said = $state({ name: '', reach: '', service: '', message: '' });
  let fault = $state({ field: '', words: '' });
  let busy = $state(false);

  onMount(() => document.getElementById('down-name')?.focus());

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (busy) return;
    busy = true;
    const { made, problem } = await enquiries.writeDown(said);
    busy = false;
    if (made) return done(made);
    fault = { field: problem?.field || 'name', words: problem?.detail ?? '' };
    await tick();
    document.getElementById(`down-${fault.field}`)?.focus();
  }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && leave()} />

<form class="leaf chosen" onsubmit={keep} aria-labelledby="down-head">
  <h2 id="down-head">{say('enquiries.writeDown.writeOneDown')}</h2>
  <p class="quiet">{say('enquiries.writeDown.somebodyRangOrCameBy')}</p>
  <div class="fields">
    {@render line('name', say('enquiries.writeDown.theirName'))}
    {@render line('reach', say('enquiries.writeDown.telephoneOrEMail'))}
    {#if services.length > 0}
      <div>
        <label class="small" for="down-service">{say('enquiries.writeDown.whatIsItAbout')}</label>
        <select id="down-service" class="line" bind:value={said.service}>
          <option value="">{say('enquiries.writeDown.notSaid')}</option>
          {#each services as service (service)}<option>{service}</option>{/each}
        </select>
      </div>
    {/if}
    <div class="wide">
      <label class="small" for="down-message">{say('enquiries.writeDown.whatTheySaid')}</label>
      <textarea
        id="down-message"
        class="line"
        rows="2"
        dir="auto"
        bind:value={said.message}
        aria-invalid={fault.field === 'message' ? 'true' : undefined}
        aria-describedby="down-fault"></textarea>
    </div>
  </div>
  <p class="fault" id="down-fault" role="alert">{fault.words}</p>
  <button class="act" type="submit" disabled={busy}
    >{busy ? say('enquiries.writeDown.keeping') : say('enquiries.writeDown.keepIt')}</button
  >
  <button class="word" type="button" onclick={leave}>{say('enquiries.writeDown.leaveIt')}</button>
</form>

{#snippet line(field: 'name' | 'reach', label: string)}
  <div>
    <label class="small" for="down-{field}">{label}</label>
    <input
      id="down-{field}"
      class="line"
      dir="auto"
      autocomplete="off"
      bind:value={said[field]}
      aria-invalid={fault.field === field ? 'true' : undefined}
      aria-describedby="down-fault"
    />
  </div>
{/snippet}

<style>
  form {
    margin-top: 14px;
    padding: 16px 22px 18px;
  }
  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 240px), 1fr));
    gap: 12px 24px;
    margin-block: 12px 4px;
  }
  .wide {
    grid-column: 1 / -1;
  }
  .small {
    color: var(--pencil);
    font-size: 14px;
  }
  .fault {
    min-height: 22px;
    color: var(--madder);
    font-size: 15px;
  }
  form .word {
    margin-left: 14px;
  }
</style>
