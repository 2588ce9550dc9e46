import { TYPED_MINUTES } from '../api/tables.gen';

/** How minutes look: 4:05. Seconds are rounded; a negative time is shown with a minus. */
export function minutes(milliseconds: number): string {
  const seconds = Math.round(Math.abs(milliseconds) / 1000);
  const sign = milliseconds < 0 && seconds > 0 ? '−' : '';

  return `${sign}${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/** Whether more was spent than planned, by what is shown of both: 3:15 is not over 3:15. */
export const isOver = (spentMs: number, plannedMs: number): boolean =>
  Math.round(spentMs / 1000) > Math.round(plannedMs / 1000);

/** A running clock never shows a second that has not passed yet. */
export function runningMinutes(milliseconds: number): string {
  return minutes(Math.floor(Math.max(0, milliseconds) / 1000) * 1000);
}

/** Whole minutes in words: "6 min", "under a minute". */
export function roughly(milliseconds: number): string {
  const whole = Math.round(milliseconds / 60_000);

  return whole < 1 ? 'under a minute' : `${whole} min`;
}

/** Writes moments of a time zone in one way. A format costs a hundred times as much to make as to use: each is made once. */
function writer(locale: string, how: Intl.DateTimeFormatOptions): (at: number, timezone: string) => string {
  const formats = new Map<string, Intl.DateTimeFormat>();

  return (at, timezone) => {
    const format = formats.get(timezone) ?? new Intl.DateTimeFormat(locale, { ...how, timeZone: timezone });
    formats.set(timezone, format);

    return format.format(at);
  };
}

/** A time of day where the event stands: 14:05. */
export const clockTime = writer('en-GB', { hour: '2-digit', minute: '2-digit' });

/** A day where the event stands: Saturday 7 November. */
export const dayName = writer('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });

/** An event day's date as a form wants it: 2026-11-07. */
export const isoDate = writer('en-CA', { dateStyle: 'short' });

/** Reads minutes as painters type them: 3, 3:30, 3m30, 210s; null for what is none. Milliseconds. */
export function parseMinutes(text: string): number | null {
  const typed = text.length > 32 ? null : TYPED_MINUTES.exec(text.trim());
  if (typed?.groups === undefined) {
    return null;
  }
  const groups: Record<string, string | undefined> = typed.groups;
  const number = (...names: string[]) =>
    names.reduce((sum, name) => sum + Number((groups[name] ?? '0').replace(',', '.')), 0);
  const seconds =
    60 * number('minutes', 'colonMinutes', 'wordMinutes') + number('colonSeconds', 'wordSeconds', 'seconds');

  return seconds > 1e9 ? null : Math.round(1000 * seconds);
}
