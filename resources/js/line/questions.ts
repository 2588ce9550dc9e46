import type { QueryClient } from '@tanstack/svelte-query';
import { api } from '../api/client';
import type { DaySummary, LineBoard, Plan } from '../api/types.gen';
import { readLine, type ToldLine } from './told';

/** What was asked for so shortly before is not asked for again when the room that shows it opens. */
const FRESH_MS = 2_000;

/** The days among which the one at hand is. */
export const nearDays = () => ({
  queryKey: ['days', 'near'],
  queryFn: () => api.get<DaySummary[]>('days/near'),
  staleTime: FRESH_MS,
});

const lineKey = (dayId: string) => ['line', dayId];

/** A day's line, told on from what this page has of it. */
export const lineOf = (dayId: string) => ({
  queryKey: lineKey(dayId),
  queryFn: ({ client }: { client: QueryClient }) =>
    readLine(dayId, client.getQueryData<ToldLine>(lineKey(dayId))),
  staleTime: FRESH_MS,
});

/** The plans of a day; asked for anew whenever one is wanted that may not be here yet. */
export const plansOf = (dayId: string, board: LineBoard | undefined) => ({
  queryKey: ['plans', dayId, plansNeeded(board)],
  queryFn: () => api.get<Plan[]>(`days/${dayId}/plans`),
  staleTime: Infinity,
});

function plansNeeded(board: LineBoard | undefined): string {
  const ids = [
    ...(board?.designs ?? []).flatMap((design) => [design.planId, ...design.own.map((own) => own.planId)]),
    ...(board?.waiting ?? []).map((child) => child.planId),
    ...(board?.chairs ?? []).map((chair) => chair.child?.planId ?? null),
  ];

  return [...new Set(ids.filter((id) => id !== null))].sort().join(' ');
}

/** Asks at once for all that a chair shows, before it is known who is signed in: who is not is refused, and asks again later. */
export async function askAhead(client: QueryClient, dayId: string): Promise<void> {
  const later = () => undefined;
  const near = client.query(nearDays()).catch(later);
  const told = await client.query(lineOf(dayId)).catch(later);
  await Promise.all([near, told === undefined ? undefined : client.query(plansOf(dayId, told)).catch(later)]);
}
