import { createRouter } from 'sv-router';
import Lost from './screens/Lost.svelte';
import Opening from './screens/opening/Opening.svelte';

export const { navigate, route } = createRouter({
  '/': Opening,
  '/new': Opening,
  '/sign-in': () => import('./screens/sign-in/SignIn.svelte'),
  '/forgotten': () => import('./screens/account/Forgotten.svelte'),
  '/new-password/:token': () => import('./screens/account/NewPassword.svelte'),
  '/new-address/:token': () => import('./screens/account/NewAddress.svelte'),
  '/account': () => import('./screens/account/Account.svelte'),
  '/invitation/:token': () => import('./screens/invitation/Invitation.svelte'),
  '/mails': () => import('./screens/mails/Mails.svelte'),
  '/sites': () => import('./screens/sites/Sites.svelte'),
  '/sites/:id': Opening,
  '/sites/:id/page': () => import('./screens/page/Page.svelte'),
  '/sites/:id/drafts': () => import('./screens/page/DraftsLater.svelte'),
  '/sites/:id/look': () => import('./screens/look/Look.svelte'),
  '/sites/:id/publish': () => import('./screens/publish/Publish.svelte'),
  '/sites/:id/people': () => import('./screens/sites/People.svelte'),
  '/sites/:id/enquiries': () => import('./screens/enquiries/Enquiries.svelte'),
  '*': Lost
});
