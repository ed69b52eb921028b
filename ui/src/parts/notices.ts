import { createToaster } from '@skeletonlabs/skeleton-svelte';

/** What has just happened, said once at the foot of the screen. */
export const notices = createToaster({ placement: 'bottom' });
