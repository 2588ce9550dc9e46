/** How minutes look: 4:05. Seconds are rounded; a negative time is shown with a minus. */
export function minutes(milliseconds: number): string {
  const seconds = Math.round(Math.abs(milliseconds) / 1000);
  const sign = milliseconds < 0 && seconds > 0 ? '−' : '';

  return `${sign}${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/** A running clock never shows a second that has not passed yet. */
export function runningMinutes(milliseconds: number): string {
  return minutes(Math.floor(Math.max(0, milliseconds) / 1000) * 1000);
}

/** Whole minutes in words: "6 min", "under a minute". */
export function roughly(milliseconds: number): string {
  const whole = Math.round(milliseconds / 60_000);

  return whole < 1 ? 'under a minute' : `${whole} min`;
}

/** A time of day where the event stands: 14:05. */
export function clockTime(epochMilliseconds: number, timezone: string): string {
  return new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: timezone }).format(
    epochMilliseconds,
  );
}

/** A day where the event stands: Saturday 7 November. */
export function dayName(epochMilliseconds: number, timezone: string): string {
  return new Intl.DateTimeFormat('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone: timezone,
  }).format(epochMilliseconds);
}

/** An event day's date as a form wants it: 2026-11-07. */
export function isoDate(epochMilliseconds: number, timezone: string): string {
  return new Intl.DateTimeFormat('en-CA', { dateStyle: 'short', timeZone: timezone }).format(
    epochMilliseconds,
  );
}

/** Reads minutes as painters type them: 3, 3:30, 3m30, 210s; null for what is none. Milliseconds. */
export function parseMinutes(text: string): number | null {
  const typed = /^(?:(\d+)\s*[:m]\s*([0-5]?\d)\s*s?|(\d+(?:[.,]\d+)?)\s*(s|m|min)?)$/i.exec(text.trim());
  if (typed === null) {
    return null;
  }
  const [, whole, rest, bare, unit] = typed;
  const number = Number((bare ?? '0').replace(',', '.'));

  return whole === undefined
    ? number * (unit?.toLowerCase() === 's' ? 1000 : 60_000)
    : Number(whole) * 60_000 + Number(rest) * 1000;
}
