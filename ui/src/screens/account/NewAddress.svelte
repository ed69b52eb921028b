<script lang="ts">
  import { api } from '../../api/client';
  import MailedLink from '../../parts/MailedLink.svelte';
  import { route } from '../../router';
  import { say } from '../../words/say';

  /** The link of a mail that asks whether a new address is theirs. */
  const token = (route.params as { token?: string }).token ?? '';
</script>

<MailedLink
  title={say('account.newAddress.yourNewAddressOstium')}
  heading={say('account.newAddress.yourNewAddress')}
  says={{
    opening: say('account.newAddress.openingTheLink'),
    done: say('account.newAddress.fromNowOnYouSign'),
    signIn: say('account.newAddress.signInWithTheAddress')
  }}
  open={() => api.POST('/api/new-addresses/{token}', { params: { path: { token } } })}
  next={{ href: '/account', words: say('account.newAddress.yourAccount') }}
/>
