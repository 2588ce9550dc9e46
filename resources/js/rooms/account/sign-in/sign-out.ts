import type { QueryClient } from '@tanstack/svelte-query';
import { api, forgetAnswers } from '../../../api/client';
import { outbox } from '../../../api/outbox.svelte';
import type { SessionState } from '../../../api/types.gen';

/** Signs this device out, and leaves nothing of the team on it; asks first where taps would wait for ever. */
export async function signOut(queryClient: QueryClient): Promise<void> {
  if (
    outbox.waiting.length > 0 &&
    !confirm('Some taps have not reached the server yet. Sign out all the same?')
  ) {
    return;
  }
  const answer = await api.delete<SessionState>('session');
  await forgetAnswers();
  // The screen listens to this one: it is told, not taken away.
  queryClient.setQueryData(['session'], answer);
  queryClient.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'session' });
}
