<script lang="ts">
  import { tick } from 'svelte';
  import type { Edit } from '../../../document/edits';
  import type { ManuscriptState } from '../manuscript.svelte';
  import { deciders, recipients, type Form, type Route } from './form';
  import { say } from '../../../words/say';

  /** Who is told of messages by what was answered. Acts at once, unlike what the form asks. */
  let { manuscript, section }: { manuscript: ManuscriptState; section: string } = $props();

  const MOST = 10;

  const view = $derived(manuscript.view?.forms[section]);
  const waiting = $derived(manuscript.outbox.items.findLast((item) => isOf(item.edit)));
  const routes = $derived<Route[]>(
    waiting?.edit.kind === 'setRoutes' ? waiting.edit.routes : (view?.routes ?? [])
  );
  const reason = $derived(waiting?.state === 'refused' ? waiting.reason : '');
  const fields = $derived(view ? deciders(view.form as Form, manuscript.view?.fieldKinds ?? []) : []);

  function isOf(edit: Edit): boolean {
    return edit.kind === 'setRoutes' && edit.section === section;
  }

  function set(others: Route[]): void {
    manuscript.edit({ kind: 'setRoutes', section, routes: others });
  }

  function changed(at: number, other: Partial<Route>): void {
    set(routes.map((route, index) => (index === at ? { ...route, ...other } : route)));
  }

  /** One string for an answer of a field; nothing for every message. */
  function name(field: string, answer: string): string {
    return field === '' ? '' : JSON.stringify([field, answer]);
  }

  function choose(at: number, named: string): void {
    const [field = '', answer = ''] = named === '' ? [] : (JSON.parse(named) as string[]);
    changed(at, { field, answer });
  }

  function isAsked(route: Route): boolean {
    return (
      route.field === '' ||
      fields.some((each) => each.field.key === route.field && each.answers.includes(route.answer))
    );
  }

  async function add(): Promise<void> {
    const at = routes.length;
    const first = fields[0];
    set([...routes, { field: first?.field.key ?? '', answer: first?.answers[0] ?? '', to: [] }]);
    await tick();
    document.getElementById(`route-${section}-${at}`)?.focus();
  }

  async function remove(at: number): Promise<void> {
    set(routes.filter((_, index) => index !== at));
    await tick();
    const next = Math.min(at, routes.length - 1);
    document.getElementById(next < 0 ? `add-route-${section}` : `route-${section}-${next}`)?.focus();
  }
</script>

<div class="routes" role="group" aria-labelledby="routes-{section}">
  <p class="what" id="routes-{section}">{say('manuscript.formRoutes.byWhatTheyAnswer')}</p>
  {#each routes as route, at (at)}
    <div class="route">
      <select
        id="route-{section}-{at}"
        class="line"
        aria-label={say('manuscript.formRoutes.messagesWithThisAnswer')}
        value={name(route.field, route.answer)}
        onchange={(event) => choose(at, event.currentTarget.value)}
      >
        <option value="">{say('manuscript.formRoutes.everyMessage')}</option>
        {#each fields as each (each.field.key)}
          <optgroup label={each.field.label}>
            {#each each.answers as answer (answer)}
              <option value={name(each.field.key, answer)}>{answer}</option>
            {/each}
          </optgroup>
        {/each}
        {#if !isAsked(route)}
          <option value={name(route.field, route.answer)}
            >{say('manuscript.formRoutes.notAskedAnyMore', { answer: route.answer })}</option
          >
        {/if}
      </select>
      <input
        class="line"
        type="text"
        aria-label={say('manuscript.formRoutes.whoIsTold')}
        placeholder={say('manuscript.formRoutes.aMailAddressOrA')}
        value={route.to.join(', ')}
        onchange={(event) => changed(at, { to: recipients(event.currentTarget.value) })}
      />
      <button
        class="word"
        type="button"
        onclick={() => remove(at)}
        aria-label={say('manuscript.formRoutes.takeOutThisLine')}
        >{say('manuscript.formRoutes.remove')}</button
      >
    </div>
  {/each}
  {#if reason}<p class="fault" role="alert">{reason}</p>{/if}
  {#if routes.length > 0}
    <p class="quiet">
      {say('manuscript.formRoutes.aMailAddressGetsThese')}
    </p>
  {/if}
  {#if routes.length < MOST}
    <button id="add-route-{section}" class="word" type="button" onclick={add}>
      {routes.length === 0
        ? say('manuscript.formRoutes.sendSomeToSomebodyElse')
        : say('manuscript.formRoutes.oneMoreLine')}
    </button>
  {/if}
</div>

<style>
  .routes {
    margin-top: 12px;
  }
  .what {
    margin-bottom: 4px;
  }
  .route {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 14px;
    padding: 4px 0;
    border-top: 1px solid var(--fine-rule);
  }
  .route select {
    flex: 1 1 160px;
    min-width: 0;
  }
  .route input {
    flex: 2 1 220px;
    min-width: 0;
  }
  .fault {
    margin-top: 6px;
    color: var(--madder);
  }
  .quiet {
    margin-top: 4px;
    font-size: 14px;
  }
</style>
