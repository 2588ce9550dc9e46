import { getContext, setContext } from 'svelte';
import { api } from '../api/client';
import type { SessionState } from '../api/types.gen';

const SESSION = Symbol('session');

/** Who is signed in. */
export const whoIsIn = () => ({
  queryKey: ['session'],
  queryFn: () => api.get<SessionState>('session'),
  staleTime: 60_000,
});

type Read = () => SessionState | undefined;

/** For all rooms within; while a component is set up. */
export function provideSession(read: Read): void {
  setContext(SESSION, read);
}

/** Whether whoever is signed in paints: keys that the server would refuse are not offered. */
export function whetherPaints(): () => boolean {
  const read = getContext<Read | undefined>(SESSION);

  return () => read?.()?.role !== 'helper';
}

/** Whether whoever is signed in answers for the team. */
export function whetherAnswers(): () => boolean {
  const read = getContext<Read | undefined>(SESSION);

  return () => read?.()?.role === 'owner';
}

/** In what the team is paid: ISO 4217. */
export function teamCurrency(): () => string {
  const read = getContext<Read | undefined>(SESSION);

  return () => read?.()?.currency ?? 'EUR';
}
