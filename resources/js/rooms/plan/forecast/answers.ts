import type { ForecastMetShown, ForecastShown, LeverKind, TermsShown } from '../../../api/types.gen';
import { clockTime, minutes, roughly } from '../../../lib/minutes';
import { digitsOf, money } from '../../../lib/money';

/** A question that a painter asks of an event, its answer in numbers, and what the answer rests on. */
export interface Answer {
  question: string;
  /** The number itself, large. */
  big: string;
  says: string;
  because: string;
}

export interface Place {
  timezone: string;
  currency: string;
}

/** All parts of it together. */
export function turnaroundOf({ turnaround }: Pick<TermsShown, 'turnaround'>): number {
  return turnaround.choose + turnaround.safety + turnaround.mirror + turnaround.pay + turnaround.clean;
}

/** All parts longer or shorter alike, so that they are so long together. */
export function scaled(parts: TermsShown['turnaround'], wholeMs: number): TermsShown['turnaround'] {
  const now = turnaroundOf({ turnaround: parts });
  const part = (ms: number) => Math.round(now === 0 ? wholeMs / 5 : (ms * wholeMs) / now);

  return {
    choose: part(parts.choose),
    safety: part(parts.safety),
    mirror: part(parts.mirror),
    pay: part(parts.pay),
    clean: part(parts.clean),
  };
}

/** "9 of 10", "19 of 20", "all of a hundred". */
export function chances(share: number): string {
  if (share >= 0.995) {
    return 'as good as every day';
  }
  if (share <= 0.005) {
    return 'hardly any day';
  }
  const tenths = Math.round(share * 10);

  return share > 0.9 && share < 0.975
    ? '19 days of 20'
    : tenths === 0
      ? '1 day of 20'
      : tenths === 10
        ? '49 days of 50'
        : `${tenths} days of 10`;
}

/** "on 9 days of 10", "as good as every day". */
export function onDays(share: number): string {
  const days = chances(share);

  return /^\d/.test(days) ? `on ${days}` : days;
}

function faces(count: number): string {
  const whole = Math.round(count);

  return whole === 1 ? '1 face' : `${whole} faces`;
}

export function children(count: number): string {
  const whole = Math.round(count);

  return whole === 1 ? '1 child' : `${whole} children`;
}

export function answers(terms: TermsShown, forecast: ForecastShown, { timezone, currency }: Place): Answer[] {
  const time = (at: number) => clockTime(at, timezone);

  return [
    everybody(terms, forecast, time),
    anHour(terms, forecast),
    waits(forecast),
    lastName(terms, forecast, time),
    earnings(terms, forecast, currency),
  ];
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

type Time = (at: number) => string;

function everybody(terms: TermsShown, forecast: ForecastShown, time: Time): Answer {
  const closes = time(terms.closesAt);
  const late = forecast.tooLate >= 0.5 ? ` ${children(forecast.tooLate)} come after that.` : '';
  const gone = forecast.left + forecast.balked;
  const lost = gone >= 0.5 ? ` ${children(gone)} see the line and do not stay.` : '';
  const who = terms.arrivals === 'at_once' ? `all ${terms.children}` : 'everybody who got a name';

  return {
    question: 'Will everyone be painted?',
    big: forecast.isKept ? 'Yes' : forecast.chanceOfAll >= 0.5 ? 'Perhaps' : 'No',
    says: `${capital(onDays(forecast.chanceOfAll))} ${who} ${terms.arrivals === 'at_once' ? 'are' : 'is'} painted by ${closes}${
      forecast.namesStopAt === null ? '' : `, if names stop at ${time(forecast.namesStopAt)}`
    }.${late}${lost}`,
    because: `The last face is done about ${time(forecast.lastFaceAt)}; one day of ten it is after ${time(
      forecast.lastFaceLateAt,
    )}. Played ${forecast.runs.toLocaleString('en-GB')} times with other children each time.`,
  };
}

function anHour(terms: TermsShown, forecast: ForecastShown): Answer {
  const spread =
    forecast.facesLow === forecast.facesHigh
      ? ''
      : `, ${forecast.facesLow} to ${forecast.facesHigh} on 8 days of 10`;

  return {
    question: 'How many an hour?',
    big: forecast.facesAnHour.toFixed(forecast.facesAnHour < 10 ? 1 : 0),
    says: `${faces(forecast.faces)} in all${spread}.${
      forecast.look < 0.98 ? ` A face keeps ${Math.round(100 * forecast.look)} of 100 of its look.` : ''
    }`,
    because: `${minutes(forecast.grossMs)} a child of the artists’ time, ${minutes(turnaroundOf(terms))} of it turnaround: ${minutes(forecast.netMs)} to paint. The menu takes ${minutes(
      forecast.meanFaceMs,
    )} in the mean. The artists sit idle for ${roughly(forecast.idleMs)} together.`,
  };
}

function waits(forecast: ForecastShown): Answer {
  return {
    question: 'How long does a child wait?',
    big: roughly(forecast.waitHalfMs),
    says: `Half wait no longer, 8 of 10 no more than ${roughly(forecast.waitEightMs)}, 9 of 10 no more than ${roughly(
      forecast.waitNineMs,
    )}.`,
    because: 'From the name being taken to the chair. The line by the hour is drawn below.',
  };
}

function lastName(terms: TermsShown, forecast: ForecastShown, time: Time): Answer {
  const question = 'When do I stop taking names?';
  const closes = time(terms.closesAt);
  const latest = forecast.latestNameAt;
  const because = `So late that everybody is still painted by ${closes} on ${terms.wantedPercent} days of 100, in steps of five minutes.`;
  if (terms.arrivals === 'at_once') {
    return {
      question,
      big: 'At once',
      says: `All ${terms.children} stand there at ${time(forecast.opensAt)}.`,
      because: 'A party has its list of names.',
    };
  }
  if (latest === null) {
    return {
      question,
      big: 'Too many',
      says: 'Not even those who come first are painted by closing as often as you want.',
      because,
    };
  }
  const typed = terms.stopNamesAt;

  return {
    question,
    big: time(typed ?? latest),
    says:
      typed === null
        ? latest >= terms.closesAt
          ? `Not before closing: there is room for whoever comes.`
          : `Whoever comes by then is painted by ${closes}.`
        : `You said so. ${time(latest)} would keep your promise.`,
    because,
  };
}

/** What is only expected is not told to the cent. */
export function expected(cents: number, currency: string): string {
  const unit = 10 ** digitsOf(currency);

  return money(Math.round(cents / unit) * unit, currency);
}

function earnings(terms: TermsShown, forecast: ForecastShown, currency: string): Answer {
  const all = forecast.takings + (terms.bookingCents ?? 0);
  const hours = (terms.closesAt - forecast.opensAt) / 3_600_000;
  const work = hours + (terms.setUpMinutes + terms.packUpMinutes) / 60;
  const artists = Math.max(1, forecast.artists.length);
  if (all === 0) {
    return {
      question: 'What do I earn an hour?',
      big: 'Nothing',
      says:
        terms.kind === 'volunteer' ? 'It is given.' : 'No price is on the menu, and none for the booking.',
      because: 'Put prices on the menu, or a price for the whole booking under Money.',
    };
  }

  return {
    question: 'What do I earn an hour?',
    big: expected(all / work / artists, currency),
    says: `For each artist’s hour, set-up and pack-up counted. ${expected(all, currency)} in all${
      forecast.takingsLow === forecast.takingsHigh
        ? ''
        : `, ${expected(forecast.takingsLow + (terms.bookingCents ?? 0), currency)} to ${expected(
            forecast.takingsHigh + (terms.bookingCents ?? 0),
            currency,
          )} on 8 days of 10`
    }.`,
    because: `${hours.toFixed(1)} hours open and ${terms.setUpMinutes + terms.packUpMinutes} minutes around them, ${
      artists === 1 ? 'one artist' : `${artists} artists`
    }. Before materials, travel and tax.`,
  };
}

/** How the forecast of a day met the day. */
export function howItMet({ name, foreseen, low, high, painted, isWithin }: ForecastMetShown): string {
  const range = low === high ? `${low}` : `${low} to ${high}`;

  return `Last time, ${name}: ${faces(foreseen)} foreseen, ${range} on 8 days of 10, and ${painted} painted${
    isWithin ? '' : painted > high ? ', more than that' : ', fewer than that'
  }.`;
}

/** What a lever is called. */
export const LEVERS: Record<LeverKind, string> = {
  artist_more: 'One artist more, all day',
  artist_in_the_rush: 'One artist more, for the busiest two hours',
  artist_early: 'One artist more, for the first half of the day',
  artist_late: 'One artist more, for the second half of the day',
  longest_off: 'The longest design off the menu',
  quick_only: 'Quick versions only',
  quick_in_the_rush: 'Quick versions while more than three a chair wait',
  shorter_turnaround: 'Turnaround 0:20 shorter',
  names_and_money: 'A helper takes names and money',
  other_line: 'A line for each chair',
  start_earlier: 'Open half an hour earlier',
  names_to_the_end: 'Take names until closing',
};

export function leverName(kind: LeverKind, terms: TermsShown): string {
  return kind === 'other_line' && terms.isLineEach ? 'One line for all chairs' : LEVERS[kind];
}

/** A difference with its sign, nothing where there is hardly one. */
export function difference(now: number, then: number, unit: (amount: number) => string): string {
  const change = then - now;
  const said = unit(Math.abs(change));

  return said === unit(0) ? '·' : `${change < 0 ? '−' : '+'}${said}`;
}
