import type { QueryClient } from '@tanstack/svelte-query';

/** After so long a team's designs are planned anew as a rule, and after so long when there are many of them. */
const SOON_MS = [1500, 6000] as const;

/** Reads designs again once the queue has timed them, which it does after the change that asked for it was answered. */
export async function readWhenPlanned(client: QueryClient): Promise<void> {
  for (const ms of SOON_MS) {
    setTimeout(() => void client.invalidateQueries({ queryKey: ['designs'] }), ms);
  }
  await client.invalidateQueries({ queryKey: ['designs'] });
}
