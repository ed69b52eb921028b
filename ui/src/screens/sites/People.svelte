<script lang="ts">
  import { untrack } from 'svelte';
  import { api, problemOf } from '../../api/client';
  import type { components } from '../../api/schema';
  import Frame from '../../parts/Frame.svelte';
  import { notices } from '../../parts/notices';
  import { navigate, route } from '../../router';
  import { session } from '../../session.svelte';
  import { SiteState } from '../../site.svelte';
  import Form from '../account/Form.svelte';
  import SiteGate from '../../parts/SiteGate.svelte';

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

  async function remove(account: string): Promise<void> {
    await told(api.DELETE('/api/sites/{id}/helpers/{account}', { params: { path: { id, account } } }));
    await load(id);
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
        error: { detail: `Type “${site.sheet.lines.name.trim()}” just as it stands.`, field: 'name' },
        response: new Response(null, { status: 422 })
      };
    }
    const answer = await api.DELETE('/api/sites/{id}', { params: { path: { id } } });
    if (answer.response.ok) navigate('/sites');
    return answer;
  }

  const email = { key: 'email', label: 'Their mail address', type: 'email', autocomplete: 'off' };
</script>

<svelte:head><title>{site.sheet.lines.name || 'A site'} · People · Ostium</title></svelte:head>

<SiteGate {site}>
  <Frame {site}>
    {#if site.view && people}
      <h1>People</h1>
      <p class="lead">
        {people.owner
          ? `This site belongs to ${people.owner}.`
          : 'This site belongs to this browser until you keep a draft.'}
        {site.view.owner ? '' : 'You help with it.'}
      </p>
      {#if people.helpers.length > 0 || people.asked.length > 0}
        <ul class="leaf">
          {#each people.helpers as helper (helper.id)}
            <li>
              <span><b>{helper.name}</b> <span class="quiet">helps · {helper.email}</span></span>
              {#if site.view.owner}<button class="word" type="button" onclick={() => remove(helper.id)}
                  >Take off</button
                >{:else if helper.email === session.current.email}<button
                  class="word"
                  type="button"
                  onclick={() => leave(helper.id)}>Leave</button
                >{/if}
            </li>
          {/each}
          {#each people.asked as asked (asked.email + asked.kind)}
            <li>
              <span
                ><b>{asked.email}</b>
                <span class="quiet">{asked.kind === 'HELP' ? 'asked to help' : 'asked to take it over'}</span
                ></span
              >
              {#if site.view.owner}<button
                  class="word"
                  type="button"
                  onclick={() => takeBack(asked.email, asked.kind)}>Take back</button
                >{/if}
            </li>
          {/each}
        </ul>
      {/if}
      {#if site.view.owner && people.owner}
        <div class="forms">
          <Form
            title="Ask for help"
            act="Ask them"
            done="Asked. They have a mail with a link."
            fields={[email]}
            send={(values) => invite(values, 'HELP')}
          >
            <p class="quiet">They change words and facts, publish, and answer messages, as you do.</p>
          </Form>
          <Form
            title="Hand the site over"
            act="Hand it over"
            done="Sent. It is theirs as soon as they take it."
            fields={[email]}
            send={(values) => invite(values, 'HANDOVER')}
          >
            <p class="quiet">
              It becomes theirs when they open the link. You go on helping until they take you off.
            </p>
          </Form>
          <Form
            title="Delete the site"
            act="Delete it for good"
            done=""
            fields={[
              {
                key: 'name',
                label: 'Type its name',
                type: 'text',
                autocomplete: 'off',
                hint: site.sheet.lines.name
              }
            ]}
            send={deleteSite}
          >
            <p class="quiet">It goes off the web; its messages and versions go too. This cannot be undone.</p>
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
