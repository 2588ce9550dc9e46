import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { lineWords } from '../../../resources/js/api/tables.gen';
import type { PublicChild, PublicLine } from '../../../resources/js/api/types.gen';
import { turnOf } from '../../../resources/js/board/turn';
import { OLD_MS, Watched } from '../../../resources/js/board/watched.svelte';
import { boardLanguages, filled, languageFor } from '../../../resources/js/board/words';

const NOW = 1_000_000_000;
const minute = 60_000;

const child = (number: number, minutes: number, called = false): PublicChild => ({
  number,
  firstName: null,
  design: 'Wave band',
  called,
  callFrom: NOW + (minutes - 2) * minute,
  callAbout: NOW + minutes * minute,
  callUntil: NOW + (minutes + 3) * minute,
});

const line = (waiting: PublicChild[], painting: number[] = [1]): PublicLine => ({
  place: 'Lantern Quay',
  timezone: 'UTC',
  now: NOW,
  closesAt: NOW + 120 * minute,
  isOpen: true,
  takesNames: true,
  nextNameCalledAt: NOW,
  painting: painting.map((number, at) => ({ chair: at + 1, number, firstName: null, design: 'Seal pup' })),
  waiting,
  menu: [],
  newest: 0,
  channel: null,
});

const clockTime = (at: number) => `+${Math.round((at - NOW) / minute)}`;
const turn = (shown: PublicLine, number: number, moment = NOW) =>
  turnOf(shown, number, lineWords.en, moment, clockTime);

describe('a parent’s number', () => {
  it('says about when, between when and when, and how many stand before', () => {
    expect(turn(line([child(2, 3), child(3, 9), child(4, 14)]), 4)).toEqual({
      big: 'Your turn in about 14 minutes',
      small: 'between +12 and +17, 2 before you',
      isNow: false,
    });
    expect(turn(line([child(2, 8), child(3, 9)]), 3).small).toContain('one before you');
    expect(turn(line([child(2, 8)]), 2).small).toContain('You are next');
  });

  it('counts down as time goes on, and is near when it is nearer than two minutes', () => {
    const shown = line([child(2, 8), child(3, 9), child(4, 10), child(5, 11)]);

    expect(turn(shown, 5, NOW + 5 * minute).big).toBe('Your turn in about 6 minutes');
    expect(turn(shown, 5, NOW + 9 * minute).big).toBe('Your turn in about 2 minutes');
    expect(turn(shown, 5, NOW + 10 * minute).big).toBe('Your turn any minute now');
    expect(turn(shown, 5, NOW + 30 * minute).big).toBe('Your turn any minute now');
  });

  it('sends to the chairs who is called, or about to be', () => {
    expect(turn(line([child(2, 9, true)]), 2)).toMatchObject({ big: 'Go to the chairs now', isNow: true });
    expect(turn(line([child(2, 1)]), 2).isNow).toBe(true);
    expect(turn(line([child(2, 0), child(3, 0), child(4, 1), child(5, 1)], [1]), 5).isNow).toBe(false);
  });

  it('says who sits in the chair, and who is not in the line', () => {
    expect(turn(line([child(2, 3)], [7]), 7).big).toBe('Being painted now');
    expect(turn(line([child(2, 3)]), 99).big).toBe('No. 99 is not in the line. Ask at the chairs.');
  });
});

describe('the words of the board', () => {
  it('has the same sentences with the same gaps in every language', () => {
    const gaps = (words: Record<string, string>) =>
      Object.entries(words).map(([key, sentence]) => [
        key,
        [...sentence.matchAll(/\{\w+\}/gu)].flat().sort(),
      ]);
    for (const language of boardLanguages) {
      expect(gaps(lineWords[language]), language).toEqual(gaps(lineWords.en));
    }
  });

  it.each([
    [['de-AT', 'en'], 'de'],
    [['nl', 'fr-BE'], 'fr'],
    [['ES'], 'es'],
    [['nl', 'da'], 'en'],
    [[], 'en'],
  ])('speaks the first language of %j that it can', (wanted, language) => {
    expect(languageFor(wanted)).toBe(language);
  });

  it('fills its gaps, and leaves what nobody knows', () => {
    expect(filled('{count} before {whom}', { count: 3 })).toBe('3 before {whom}');
  });
});

describe('a watched board', () => {
  let now = NOW + 7 * minute;
  let isOnline = true;
  let answer: () => Promise<Response>;
  let watched: Watched;
  const asked: string[] = [];
  const pushed: [string, (newest: number) => void][] = [];

  beforeEach(() => {
    now = NOW + 7 * minute;
    isOnline = true;
    asked.length = 0;
    answer = () => Promise.resolve(Response.json(line([child(2, 3)])));
    watched = new Watched('/board/key', {
      fetch: (path) => {
        asked.push(path);

        return answer();
      },
      now: () => now,
      isOnline: () => isOnline,
      push: (channel, heard) => {
        pushed.push([channel, heard]);

        return { isOpen: true, end: () => pushed.splice(0) };
      },
    });
  });
  afterEach(() => {
    watched.end();
    vi.useRealTimers();
  });

  it('listens where the server says when something changes, and asks once however much did', async () => {
    vi.useFakeTimers();
    answer = () => Promise.resolve(Response.json({ ...line([child(2, 3)]), channel: 'abc' }));
    watched.begin();
    await vi.advanceTimersByTimeAsync(10_000);
    expect(pushed.map(([channel]) => channel)).toEqual(['abc']);
    expect(asked.filter((path) => path.includes('/line'))).toHaveLength(1);
    for (let word = 1; word <= 5; word++) {
      pushed[0]?.[1](word);
    }
    answer = () => Promise.resolve(Response.json({ ...line([child(2, 3)]), channel: 'abc', newest: 5 }));
    await vi.advanceTimersByTimeAsync(1_001);
    expect(asked.at(-1)).toBe('/board/key/line?after=5');
    expect(asked.filter((path) => path.includes('/line'))).toHaveLength(2);
    pushed[0]?.[1](0);
    await vi.advanceTimersByTimeAsync(1_001);
    expect(asked.at(-1)).toMatch(/line\?after=5-\d+$/);
    asked.pop();
    pushed[0]?.[1](5);
    await vi.advanceTimersByTimeAsync(5_000);
    expect(asked.filter((path) => path.includes('/line'))).toHaveLength(2);
    now += OLD_MS + 1_000;
    expect(watched.isOld).toBe(false);
    isOnline = false;
    watched.now = now;
    expect(watched.isOld).toBe(true);
    isOnline = true;
    now += 61_000;
    await vi.advanceTimersByTimeAsync(3_000);
    expect(asked.filter((path) => path.includes('/line'))).toHaveLength(3);
  });

  it('goes by the server’s clock, however wrong the device’s is', async () => {
    await watched.read();
    expect(watched.moment).toBe(NOW);
    expect(watched.isOld).toBe(false);
  });

  it('keeps what it read when the network goes, and says that it is old', async () => {
    await watched.read();
    answer = () => Promise.reject(new TypeError('no network'));
    now += OLD_MS + 1_000;
    await watched.read();
    expect(watched.line?.waiting).toHaveLength(1);
    expect(watched.isOld).toBe(true);
    answer = () => Promise.resolve(Response.json({ ...line([]), now: NOW + OLD_MS + 1_000 }));
    await watched.read();
    expect(watched.isOld).toBe(false);
  });

  it('is over when the link is ended, and comes back with it', async () => {
    await watched.read();
    answer = () => Promise.resolve(new Response('', { status: 404 }));
    await watched.read();
    expect(watched.isGone).toBe(true);
    expect(watched.line).toBeUndefined();
    answer = () => Promise.resolve(Response.json(line([])));
    await watched.read();
    expect(watched.isGone).toBe(false);
  });

  it('takes a server that fails for one that is out of reach', async () => {
    await watched.read();
    answer = () => Promise.resolve(new Response('', { status: 503 }));
    await watched.read();
    expect(watched.isGone).toBe(false);
    expect(watched.line?.waiting).toHaveLength(1);
  });

  it('asks again and again, for the pictures once', async () => {
    vi.useFakeTimers();
    watched.begin();
    await vi.advanceTimersByTimeAsync(9_500);
    expect(asked.filter((path) => path === '/board/key/line?after=0')).toHaveLength(4);
    expect(asked.filter((path) => path === '/board/key/pictures')).toHaveLength(1);
    watched.end();
    await vi.advanceTimersByTimeAsync(9_500);
    expect(asked).toHaveLength(5);
    vi.useRealTimers();
  });
});
