import { createToaster } from '@skeletonlabs/skeleton-svelte';

/** What has just happened, said once near the foot of the screen, above what stands there. */
export const notices = createToaster({
  placement: 'bottom',
  max: 1,
  offsets: { bottom: '72px', left: '16px', right: '16px', top: '16px' }
});
