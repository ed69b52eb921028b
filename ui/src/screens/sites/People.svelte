<script lang="ts">
  import { tick, untrack } from 'svelte';
  import { api, problemOf } from '../../api/client';
  import type { components } from '../../api/schema';
  import ConfirmAddress from '../../parts/ConfirmAddress.svelte';
  import Frame from '../../parts/Frame.svelte';
  import { notices } from '../../parts/notices';
  import { navigate, route } from '../../router';
  import { session } from '../../session.svelte';
  import { SiteState } from '../../site.svelte';
  import Form from '../account/Form.svelte';
  import SiteGate from '../../parts/SiteGate.svelte';
  import { say } from '../../words/say';

  /** Who works on a site; handing it over; deleting it. */
  const site = new SiteState();
  const id = $derived((route.params as { id?: string }).id ?? '');
  let people = $state.raw<components['schemas']['PeopleView'] | null>(null);

  $effect(() => {
    const asked = id;
    return untrack(() => {
      void load(asked);
      return site.open(asked);
    });
  });

  async function load(asked: string): Promise<void> {
    const { data } = await api.GET('/api/sites/{id}/people', { params: { path: { id: asked } } });
    if (data) people = data;
  }

  async function invite(values: Record<string, string>, kind: 'HELP' | 'HANDOVER') {
    const answer = await api.POST('/api/sites/{id}/invitations', {
      params: { path: { id } },
      body: { email: values['email'] ?? '', kind }
    });
    if (answer.response.ok) await load(id);
    return answer;
  }

  /** Says it when something could not be done. */
  async function told(asked: Promise<{ error?: unknown; response: Response }>): Promise<boolean> {
    const { error, response } = await asked;
    if (!response.ok) notices.error({ title: problemOf(error, response).detail });
    return response.ok;
  }

  async function takeBack(email: string, kind: 'HELP' | 'HANDOVER'): Promise<void> {
    await told(
      api.DELETE('/api/sites/{id}/invitations/{kind}/{email}', { params: { path: { id, kind, email } } })
    );
    await load(id);
  }

  /** The helper who is about to be taken off; what that means is said first. */
  let leaving = $state('');

  async function askToTakeOff(helper: string): Promise<void> {
    leaving = helper;
    await tick();
    document.getElementById('take-off')?.focus();
  }

  async function stays(): Promise<void> {
    const helper = leaving;
    leaving = '';
    await tick();
    document.getElementById(`off-${helper}`)?.focus();
  }

  async function remove(account: string, name: string): Promise<void> {
    const isOff = await told(
      api.DELETE('/api/sites/{id}/helpers/{account}', { params: { path: { id, account } } })
    );
    leaving = '';
    await load(id);
    if (isOff) notices.success({ title: say('sites.people.isTakenOff', { name }) });
    await tick();
    document.getElementById('people')?.focus();
  }

  async function leave(account: string): Promise<void> {
    const left = await told(
      api.DELETE('/api/sites/{id}/helpers/{account}', { params: { path: { id, account } } })
    );
    if (left) navigate('/sites');
  }

  async function deleteSite(values: Record<string, string>) {
    if ((values['name'] ?? '').trim() !== site.sheet.lines.name.trim()) {
      return {
        error: {
          detail: say('sites.people.typeJustAsItStands', { name: site.sheet.lines.name.trim() }),
          field: 'name'
        },
        response: new Response(null, { status: 422 })
      };
    }
    const answer = await api.DELETE('/api/sites/{id}', { params: { path: { id } } });
    if (answer.response.ok) navigate('/sites');
    return answer;
  }

  const email = {
    key: 'email',
    label: say('sites.people.theirMailAddress'),
    type: 'email',
    autocomplete: 'off'
  };
</script>

<svelte:head
  ><title
    >{say('sites.people.peopleOstium', { name: site.sheet.lines.name || say('sites.people.aSite') })}</title
  ></svelte:head
>

<SiteGate {site}>
  <Frame {site}>
    {#if site.view && people}
      <h1 id="people" tabindex="-1">{say('sites.people.people')}</h1>
      <p class="lead">
        {people.owner
          ? say('sites.people.thisSiteBelongsTo', { owner: people.owner })
          : say('sites.people.thisSiteBelongsToThis')}
        {site.view.owner ? '' : say('sites.people.youHelpWithIt')}
      </p>
      <ConfirmAddress />
      {#if people.helpers.length > 0 || people.asked.length > 0}
        <ul class="leaf">
          {#each people.helpers as helper (helper.id)}
            <li>
              <span
                ><b>{helper.name}</b>
                <span class="quiet">{say('sites.people.helps', { email: helper.email })}</span></span
              >
              {#if leaving === helper.id}
                <div class="off">
                  <p>{say('sites.people.takeOffAsk', { name: helper.name })}</p>
                  {#if people.told.includes(helper.email)}
                    <p>{say('sites.people.toldNoMore', { email: helper.email })}</p>
                  {/if}
                  {#if people.texted.length > 0}
                    <p>{say('sites.people.stillTexted', { numbers: people.texted.join(', ') })}</p>
                  {/if}
                  <button
                    class="act"
                    id="take-off"
                    type="button"
                    onclick={() => remove(helper.id, helper.name)}
                    >{say('sites.people.takeThemOff', { name: helper.name })}</button
                  >
                  <button class="word" type="button" onclick={stays}>{say('sites.people.leaveIt')}</button>
                </div>
              {:else if site.view.owner}<button
                  class="word"
                  id="off-{helper.id}"
                  type="button"
                  onclick={() => askToTakeOff(helper.id)}>{say('sites.people.takeOff')}</button
                >{:else if helper.email === session.current.email}<button
                  class="word"
                  type="button"
                  onclick={() => leave(helper.id)}>{say('sites.people.leave')}</button
                >{/if}
            </li>
          {/each}
          {#each people.asked as asked (asked.email + asked.kind)}
            <li>
              <span
                ><b>{asked.email}</b>
                <span class="quiet"
                  >{asked.kind === 'HELP'
                    ? say('sites.people.askedToHelp')
                    : say('sites.people.askedToTakeItOver')}</span
                ></span
              >
              {#if site.view.owner}<button
                  class="word"
                  type="button"
                  onclick={() => takeBack(asked.email, asked.kind)}>{say('sites.people.takeBack')}</button
                >{/if}
            </li>
          {/each}
        </ul>
      {/if}
      {#if site.view.owner && people.owner}
        <div class="forms">
          <Form
            title={say('sites.people.askForHelp')}
            act={say('sites.people.askThem')}
            done={say('sites.people.askedTheyHaveAMail')}
            fields={[email]}
            send={(values) => invite(values, 'HELP')}
          >
            <p class="quiet">{say('sites.people.theyChangeWordsAndFacts')}</p>
          </Form>
          <Form
            title={say('sites.people.handTheSiteOver')}
            act={say('sites.people.handItOver')}
            done={say('sites.people.sentItIsTheirsAs')}
            fields={[email]}
            send={(values) => invite(values, 'HANDOVER')}
          >
            <p class="quiet">
              {say('sites.people.itBecomesTheirsWhenThey')}
            </p>
          </Form>
          <Form
            title={say('sites.people.deleteTheSite')}
            act={say('sites.people.deleteItForGood')}
            done=""
            fields={[
              {
                key: 'name',
                label: say('sites.people.typeItsName'),
                type: 'text',
                autocomplete: 'off',
                hint: site.sheet.lines.name
              }
            ]}
            send={deleteSite}
          >
            <p class="quiet">{say('sites.people.itGoesOffTheWeb')}</p>
          </Form>
        </div>
      {/if}
    {/if}
  </Frame>
</SiteGate>

<style>
  .lead {
    margin: 8px 0 20px;
  }
  ul {
    max-width: 760px;
    margin: 0 0 20px;
    padding: 4px 20px;
    list-style: none;
  }
  li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 16px;
    min-height: 48px;
  }
  li + li {
    border-top: 1px solid var(--fine-rule);
  }
  li {
    flex-wrap: wrap;
  }
  .off button {
    margin-top: 8px;
  }
  .off {
    flex: 1 1 100%;
    padding: 4px 0 12px;
    overflow-wrap: anywhere;
  }
  .forms {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
    gap: 20px;
    align-items: start;
  }
  .forms > :global(*) {
    min-width: 0;
  }
</style>
