import { createRouter } from 'sv-router';
import Lost from './screens/Lost.svelte';
import Opening from './screens/opening/Opening.svelte';

export const { navigate, route } = createRouter({
  '/': Opening,
  '/new': Opening,
  '/sign-in': () => import('./screens/sign-in/SignIn.svelte'),
  '/sites': () => import('./screens/sites/Sites.svelte'),
  '/sites/:id': Opening,
  '/sites/:id/page': () => import('./screens/page/Page.svelte'),
  '/sites/:id/enquiries': () => import('./screens/enquiries/Enquiries.svelte'),
  '*': Lost
});
