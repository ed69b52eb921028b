<script lang="ts">
  import { onMount, tick, untrack } from 'svelte';
  import type { Enquiry } from '../../api/client';
  import { notices } from '../../parts/notices';
  import { answer } from '../enquiries/enquiries.svelte';
  import type { DiaryState, Time } from './diary.svelte';
  import { given } from './given';
  import { fieldTime, minuteOf } from './lane';
  import { say } from '../../words/say';

  /** Somebody on the telephone, or at the door: written into the diary. */
  let {
    at,
    diary,
    enquiry
  }: {
    at: Time;
    diary: DiaryState;
    enquiry?: Enquiry;
  } = $props();

  let written = $state({
    service: '',
    date: '',
    time: '',
    resource: '',
    name: '',
    telephone: '',
    email: '',
    place: '',
    note: '',
    tells: true
  });
  let fault = $state({ field: '', words: '' });
  let busy = $state(false);

  /** How they are told, in words; empty where they cannot be. */
  const reached = $derived(
    [
      written.email.trim() ? say('diary.writeIn.byMail') : '',
      diary.view?.texts && written.telephone.trim() ? say('diary.writeIn.byText') : ''
    ]
      .filter((each) => each !== '')
      .join(say('diary.writeIn.and'))
  );

  $effect(() => {
    written.date = at.date;
    written.time = fieldTime(at.minute);
  });
  $effect(() => {
    written.service ||= diary.view?.services[0]?.id ?? '';
  });
  $effect(() => {
    if (!enquiry) return;
    const said = given(enquiry, diary.view?.services ?? []);
    untrack(() => Object.assign(written, said));
  });

  onMount(() => document.getElementById('in-name')?.focus());

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const minute = minuteOf(written.time);
    const asked = enquiry;
    if (busy) return;
    busy = true;
    const problem =
      !written.date || minute === null
        ? { field: 'start', detail: say('diary.writeIn.sayTheDayAndThe'), status: 422 }
        : await diary.writeIn({
            service: written.service,
            time: { date: written.date, minute },
            minutes: null,
            resource: written.resource,
            name: written.name,
            email: written.email,
            telephone: written.telephone,
            place: written.place,
            note: written.note,
            tells: written.tells && reached !== ''
          });
    busy = false;
    fault = { field: problem?.field || 'name', words: problem?.detail ?? '' };
    if (problem) {
      await tick();
      document.getElementById(`in-${fault.field}`)?.focus();
      return;
    }
    const agreed = asked && !(await diary.agreed(asked));
    diary.doing = { what: 'nothing' };
    notices.info({
      title: say('diary.writeIn.isInTheDiary', {
        name: written.name,
        rest: agreed ? say('diary.writeIn.andTheirMessageCountsAs') : ''
      })
    });
    await tick();
    document.getElementById(`leaf-${diary.chosen}`)?.focus();
  }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && (diary.doing = { what: 'nothing' })} />

<form class="leaf chosen" onsubmit={keep} aria-labelledby="in-head">
  <h2 id="in-head">{enquiry ? say('diary.writeIn.bookATimeForThem') : say('diary.writeIn.writeOneIn')}</h2>
  {#if enquiry}<p class="quiet asked" dir="auto">{answer(enquiry, 'message')}</p>{/if}
  <div class="fields">
    {@render line('name', say('diary.writeIn.who'), 'text', 'wide')}
    <div class="wide">
      <label for="in-service">{say('diary.writeIn.what')}</label>
      <select id="in-service" class="line" bind:value={written.service}>
        {#each diary.view?.services ?? [] as service (service.id)}
          <option value={service.id}
            >{say('diary.writeIn.min', { name: service.name, minutes: service.minutes })}</option
          >
        {/each}
      </select>
    </div>
    {@render line('date', say('diary.writeIn.day'), 'date')}
    <div>
      <label for="in-start">{say('diary.writeIn.time')}</label>
      <input
        id="in-start"
        class="line"
        type="time"
        step="300"
        bind:value={written.time}
        aria-invalid={fault.field === 'start' ? 'true' : undefined}
        aria-describedby="in-fault"
      />
    </div>
    {#if (diary.view?.resources ?? []).length > 1}
      <div class="wide">
        <label for="in-resource">{say('diary.writeIn.whoOrWhatCarriesIt')}</label>
        <select id="in-resource" class="line" bind:value={written.resource}>
          <option value="">{say('diary.writeIn.whoeverIsFree')}</option>
          {#each diary.view?.resources ?? [] as each (each.id)}<option value={each.id}>{each.name}</option
            >{/each}
        </select>
      </div>
    {/if}
    {@render line('telephone', say('diary.writeIn.telephone'), 'tel')}
    {@render line('email', say('diary.writeIn.eMail'), 'email')}
    {@render line('place', say('diary.writeIn.whereIfNotWithYou'), 'text', 'wide')}
    {@render line('note', say('diary.writeIn.aNoteForYou'), 'text', 'wide')}
  </div>
  {#if reached}
    <label class="tells"
      ><input type="checkbox" bind:checked={written.tells} />
      {say('diary.writeIn.sendThemTheAppointment', { reached })}</label
    >
  {/if}
  <p class="fault" id="in-fault" role="alert">{fault.words}</p>
  <button class="act" type="submit" disabled={busy}
    >{busy ? say('diary.writeIn.writing') : say('diary.writeIn.writeItIn')}</button
  >
  <button class="word" type="button" onclick={() => (diary.doing = { what: 'nothing' })}
    >{say('diary.writeIn.leaveIt')}</button
  >
</form>

{#snippet line(
  field: 'name' | 'date' | 'telephone' | 'email' | 'place' | 'note',
  label: string,
  type: string,
  css = ''
)}
  <div class={css}>
    <label for="in-{field}">{label}</label>
    <input
      id="in-{field}"
      class="line"
      {type}
      dir="auto"
      autocomplete="off"
      bind:value={written[field]}
      aria-invalid={fault.field === field ? 'true' : undefined}
      aria-describedby="in-fault"
    />
  </div>
{/snippet}

<style>
  form {
    padding: 14px 18px;
  }
  .fields {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 8px 16px;
    margin-top: 8px;
  }
  .asked {
    max-height: 6lh;
    overflow-y: auto;
    white-space: pre-line;
    overflow-wrap: anywhere;
  }
  .wide {
    grid-column: 1 / -1;
  }
  label {
    color: var(--pencil);
    font-size: 14px;
  }
  .tells {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 44px;
    color: var(--ink);
    font-size: 16px;
  }
  .fault {
    min-height: 22px;
    color: var(--madder);
  }
  .word {
    margin-left: 14px;
  }
</style>
