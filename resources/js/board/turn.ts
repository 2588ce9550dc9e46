import type { PublicLine } from '../api/types.gen';
import { filled, type BoardWords } from './words';

/** What a parent wants to know of one number. */
export interface Turn {
  readonly big: string;
  readonly small: string;
  /** It is time to go to the chairs. */
  readonly isNow: boolean;
}

const MINUTE = 60_000;
/** So near, minutes are no help any more. */
const SOON_MINUTES = 2;

export function turnOf(
  line: PublicLine,
  number: number,
  words: BoardWords,
  moment: number,
  clockTime: (at: number) => string,
): Turn {
  if (line.painting.some((seat) => seat.number === number)) {
    return { big: words.here, small: '', isNow: false };
  }
  const place = line.waiting.findIndex((child) => child.number === number);
  const child = line.waiting[place];
  if (child === undefined) {
    return { big: filled(words.gone, { number }), small: '', isNow: false };
  }
  const minutes = Math.round((child.callAbout - moment) / MINUTE);
  const isNow = child.called || (minutes <= SOON_MINUTES && place <= line.painting.length);
  const ahead =
    place === 0 ? words.none : place === 1 ? words.aheadOne : filled(words.ahead, { count: place });
  const between = filled(words.between, {
    from: clockTime(child.callFrom),
    until: clockTime(child.callUntil),
  });

  return {
    big: isNow ? words.soon : minutes > 1 ? filled(words.turn, { minutes }) : words.near,
    small: isNow ? ahead : `${between}, ${ahead}`,
    isNow,
  };
}
