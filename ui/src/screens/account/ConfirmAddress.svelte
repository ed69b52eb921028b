<script lang="ts">
  import { api } from '../../api/client';
  import MailedLink from '../../parts/MailedLink.svelte';
  import { route } from '../../router';
  import { say } from '../../words/say';

  /** The link of the mail a newcomer gets: their address is theirs. */
  const token = (route.params as { token?: string }).token ?? '';
</script>

<MailedLink
  title={say('account.confirmAddress.yourAddressOstium')}
  heading={say('account.confirmAddress.yourAddress')}
  says={{
    opening: say('account.confirmAddress.openingTheLink'),
    done: say('account.confirmAddress.itIsYours'),
    signIn: say('account.confirmAddress.signIn')
  }}
  open={() => api.POST('/api/confirmed-addresses/{token}', { params: { path: { token } } })}
  next={{ href: '/sites', words: say('account.confirmAddress.yourSites') }}
/>
