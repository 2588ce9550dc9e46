import type { QueryClient } from '@tanstack/svelte-query';
import { api } from '../api/client';
import { kept } from '../api/kept';
import type { DaySummary, LineBoard, Plan, PublicPicture, SessionState } from '../api/types.gen';
import { whoIsIn } from '../lib/session';
import { keptLine, readLine, type ToldLine } from './told';

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
  // What is told on from the last already has its parts; to compare a day's taps one by one takes longer than to fold them.
  structuralSharing: false,
});

/** The plans of a day; asked for anew whenever one is wanted that may not be here yet. */
export const plansOf = (dayId: string, board: LineBoard | undefined) => ({
  queryKey: ['plans', dayId, plansNeeded(board)],
  queryFn: () => api.get<Plan[]>(`days/${dayId}/plans`),
  staleTime: Infinity,
});

/** What whoever does not paint shows of the menu: pictures, and not how they are painted. */
export const picturesOf = (dayId: string, board: LineBoard | undefined) => ({
  queryKey: ['pictures', dayId, plansNeeded(board)],
  queryFn: () => api.get<PublicPicture[]>(`days/${dayId}/pictures`),
  staleTime: Infinity,
});

/** Which plans the board speaks of, and which versions there are of its designs. */
function plansNeeded(board: LineBoard | undefined): string {
  const ids = [
    ...(board?.designs ?? []).flatMap((design) => [
      design.planId,
      design.versions,
      ...design.own.map((own) => own.planId),
    ]),
    ...(board?.waiting ?? []).map((child) => child.planId),
    ...(board?.chairs ?? []).map((chair) => chair.child?.planId ?? null),
  ];

  return [...new Set(ids.filter((id) => id !== null && id !== ''))].sort().join(' ');
}

/**
 * Opens a chair with what this browser kept of it, and asks for all of it at once, before it is known who is signed in: who is
 * not is refused, and asks again later.
 */
export async function openAhead(client: QueryClient, dayId: string): Promise<void> {
  const later = () => undefined;
  const near = client.query(nearDays()).catch(later);
  await showKept(client, dayId);
  const told = await client.query(lineOf(dayId)).catch(later);
  await Promise.all([near, told === undefined ? undefined : client.query(plansOf(dayId, told)).catch(later)]);
}

/** A child does not wait for the network: what was known last stands on the screen until there is word. */
async function showKept(client: QueryClient, dayId: string): Promise<void> {
  const [told, answers] = await Promise.all([
    keptLine(dayId),
    kept.answers(['session', 'days/near', `days/${dayId}/plans`]),
  ]);
  const [session, days, plans] = answers as [SessionState?, DaySummary[]?, Plan[]?];
  if (session?.teamId == null) {
    return;
  }
  const show = (queryKey: readonly unknown[], answer: unknown) => {
    if (answer !== undefined && client.getQueryData(queryKey) === undefined) {
      client.setQueryData(queryKey, answer, { updatedAt: 0 });
    }
  };
  show(plansOf(dayId, told).queryKey, plans);
  show(lineKey(dayId), told);
  show(nearDays().queryKey, days);
  show(whoIsIn().queryKey, session);
}
