import { createRouter } from 'sv-router';
import Lost from './screens/Lost.svelte';
import Opening from './screens/opening/Opening.svelte';

/** Screens that are loaded when they are gone to, or before that, as soon as there is time. */
const later = {
  signIn: () => import('./screens/sign-in/SignIn.svelte'),
  forgotten: () => import('./screens/account/Forgotten.svelte'),
  newPassword: () => import('./screens/account/NewPassword.svelte'),
  newAddress: () => import('./screens/account/NewAddress.svelte'),
  account: () => import('./screens/account/Account.svelte'),
  confirmAddress: () => import('./screens/account/ConfirmAddress.svelte'),
  recipient: () => import('./screens/invitation/Recipient.svelte'),
  invitation: () => import('./screens/invitation/Invitation.svelte'),
  mails: () => import('./screens/mails/Mails.svelte'),
  sites: () => import('./screens/sites/Sites.svelte'),
  page: () => import('./screens/page/Page.svelte'),
  drafts: () => import('./screens/page/DraftsLater.svelte'),
  look: () => import('./screens/look/Look.svelte'),
  doors: () => import('./screens/doors/Doors.svelte'),
  publish: () => import('./screens/publish/Publish.svelte'),
  list: () => import('./screens/list/List.svelte'),
  people: () => import('./screens/sites/People.svelte'),
  diary: () => import('./screens/diary/Diary.svelte'),
  enquiries: () => import('./screens/enquiries/Enquiries.svelte')
};

export const { navigate, route } = createRouter({
  '/': Opening,
  '/new': Opening,
  '/sign-in': later.signIn,
  '/forgotten': later.forgotten,
  '/new-password/:token': later.newPassword,
  '/new-address/:token': later.newAddress,
  '/account': later.account,
  '/confirm-address/:token': later.confirmAddress,
  '/recipient/:token': later.recipient,
  '/invitation/:token': later.invitation,
  '/mails': later.mails,
  '/sites': later.sites,
  '/sites/:id': Opening,
  '/sites/:id/page': later.page,
  '/sites/:id/drafts': later.drafts,
  '/sites/:id/look': later.look,
  '/sites/:id/doors': later.doors,
  '/sites/:id/publish': later.publish,
  '/sites/:id/list': later.list,
  '/sites/:id/people': later.people,
  '/sites/:id/diary': later.diary,
  '/sites/:id/enquiries': later.enquiries,
  '*': Lost
});

/** Loads every screen ahead, one after another, so that going to one needs no connection. */
export async function loadAhead(): Promise<void> {
  for (const screen of Object.values(later)) {
    try {
      await screen();
    } catch {
      // It is loaded when it is gone to.
    }
  }
}
