import { api, Unreachable, ServerFault } from '../api/client';
import { kept } from '../api/kept';
import type { LineBoard, LineNews, ToldPlan, ToldTap } from '../api/types.gen';

/** A line as the server told of it: all of it at some moment, and the taps since. */
export interface ToldLine extends LineBoard {
  /** The version that was told whole. */
  wholeAt: string;
  news: { plans: readonly ToldPlan[]; taps: readonly ToldTap[] };
}

/** With more news than this, being told all anew is less to fold. Team's estimate. */
const MOST_NEWS = 200;

export const toldWhole = (line: LineBoard): ToldLine => ({
  ...line,
  wholeAt: line.version,
  news: { plans: [], taps: [] },
});

const pathOf = (dayId: string) => `days/${dayId}/line`;

/** From what the server is to tell on; undefined where it is to tell all. */
export function sinceOf(told: ToldLine | undefined): string | undefined {
  return told === undefined || told.news.taps.length > MOST_NEWS ? undefined : told.version;
}

/** Said where the whole line is to be asked for: App\Line\Told\LineVersion::none(). */
const ASK_ANEW = '0-';

/** The number of the newest event that a version knows of. */
export const newestOf = (version: string) => Number(version.split('-')[0]);

/** What was told with what is new; undefined where the one does not go on from the other, and all is to be told anew. */
export function withNews(told: ToldLine | undefined, news: LineNews): ToldLine | undefined {
  if (news.line !== null) {
    return toldWhole(news.line);
  }
  if (told === undefined || news.version === ASK_ANEW) {
    return undefined;
  }
  const known = new Set([...told.story.taps, ...told.news.taps].map(({ id }) => id));
  const taps = news.taps.filter(({ id }) => !known.has(id));
  // What was asked for earlier may be answered later: what is known by then stays known.
  const version = newestOf(news.version) < newestOf(told.version) ? told.version : news.version;
  if (taps.length === 0) {
    return version === told.version ? told : { ...told, version };
  }
  const plans = new Map([...told.news.plans, ...news.plans].map((plan) => [plan.id, plan]));

  return reachesBack(told, taps)
    ? undefined
    : { ...told, version, news: { plans: [...plans.values()], taps: [...told.news.taps, ...taps] } };
}

/** Whether a tap is about a child that is not told of any more. Mirrors Core\Line\Story. */
function reachesBack(told: ToldLine, taps: readonly ToldTap[]): boolean {
  const { until, highestNumber } = told.story;
  if (until === null) {
    return false;
  }
  const all = [...told.story.taps, ...told.news.taps, ...taps];
  const ids = new Set(all.map(({ id }) => id));
  const tickets = new Set(told.story.taps.concat(told.news.taps).map(({ ticket }) => ticket));
  const joined = new Set(taps.filter(({ kind }) => kind === 'joined').map(({ ticket }) => ticket));

  return taps.some(
    (tap) =>
      tap.at <= until ||
      (tap.target !== undefined && !ids.has(tap.target)) ||
      (tap.kind === 'joined' && (tap.number ?? 0) <= highestNumber && !tickets.has(tap.ticket)) ||
      (tap.ticket !== undefined && !tickets.has(tap.ticket) && !joined.has(tap.ticket)),
  );
}

/** Keeps what was told, for when the server is away. */
export const keepLine = (dayId: string, told: ToldLine) =>
  kept.keepGrown(pathOf(dayId), told.wholeAt, () => toldWhole({ ...told, version: told.wholeAt }), {
    version: told.version,
    news: told.news,
  } satisfies Since);

/** What is told since the whole. */
type Since = Pick<ToldLine, 'version' | 'news'>;

/** What this browser kept of a line. */
export async function keptLine(dayId: string): Promise<ToldLine | undefined> {
  const line = await kept.grown(pathOf(dayId));

  return line === undefined ? undefined : { ...(line.whole as ToldLine), ...(line.added as Since) };
}

/**
 * The line as it is now, told from what is at hand; out of reach, what this browser kept stands in.
 *
 * @param told what this page has of it
 */
export async function readLine(dayId: string, told: ToldLine | undefined): Promise<ToldLine> {
  const last = told ?? (await keptLine(dayId));
  try {
    const now = withNews(last, await newsOf(dayId, sinceOf(last))) ?? (await wholeOf(dayId));
    if (now !== told) {
      void keepLine(dayId, now);
    }

    return now;
  } catch (error) {
    if (last !== undefined && (error instanceof Unreachable || error instanceof ServerFault)) {
      return last;
    }
    throw error;
  }
}

const newsOf = (dayId: string, since: string | undefined) =>
  api.ask<LineNews>(`${pathOf(dayId)}/news${since === undefined ? '' : `?since=${since}`}`);

const wholeOf = async (dayId: string) => toldWhole(await api.ask<LineBoard>(pathOf(dayId)));
