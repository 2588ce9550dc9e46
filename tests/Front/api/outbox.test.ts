import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Refusal, ServerFault, Unreachable } from '../../../resources/js/api/client';
import type { KeptTap, Tap, TapStore } from '../../../resources/js/api/kept';
import { Outbox, type OutboxParts } from '../../../resources/js/api/outbox.svelte';
import type { LineBoard, TapsAnswer } from '../../../resources/js/api/types.gen';

/** What one browser keeps, for all of its windows. */
class Store implements TapStore {
  readonly kept = new Map<string, KeptTap>();

  taps = () => Promise.resolve([...this.kept.values()].sort((one, other) => (one.id < other.id ? -1 : 1)));

  keepTaps(taps: KeptTap[]): Promise<void> {
    taps.forEach((tap) => this.kept.set(tap.id, tap));

    return Promise.resolve();
  }

  dropTaps(ids: string[]): Promise<void> {
    ids.forEach((id) => this.kept.delete(id));

    return Promise.resolve();
  }
}

/** Hands each message to all other windows at once. */
class Windows {
  private readonly channels: OutboxParts['channel'][] = [];

  channel(): OutboxParts['channel'] {
    const channel: OutboxParts['channel'] = {
      onmessage: null,
      postMessage: (data: unknown) =>
        this.channels
          .filter((other) => other !== channel)
          .forEach((other) => {
            other.onmessage?.call(other as BroadcastChannel, { data } as MessageEvent);
          }),
      close: () => this.channels.splice(this.channels.indexOf(channel), 1),
    };
    this.channels.push(channel);

    return channel;
  }
}

type Answer = (teamId: string, dayId: string, taps: Tap[]) => TapsAnswer | Promise<TapsAnswer>;

const takes: Answer = (_team, _day, taps) => ({
  outcomes: taps.map(({ id }) => ({ id, fate: 'kept', message: '' })),
  news: { version: '1-a', now: 0, line: {} as LineBoard, plans: [], taps: [] },
});
const away: Answer = () => {
  throw new Unreachable();
};

let store: Store;
let windows: Windows;
let now: number;
let answer: Answer;
/** The clock, and what settles its doubt. */
let time: OutboxParts['clock'] & { inDoubt: boolean; slip: number };
let settled: ((since: number, slip: number) => unknown)[];
let asksTime: () => Promise<unknown>;
let sent: string[][];
let sentIds: Set<string>;
let opened: Outbox[];
/** What the windows take turns by. */
let sending: Promise<unknown>;

function outbox(): Outbox {
  const one = new Outbox({
    store,
    clock: time,
    askTime: () => asksTime(),
    post: async (team, day, taps) => {
      const answered = await answer(team, day, taps);
      sent.push(taps.map((tap) => `${day} ${tap.kind}`));
      taps.forEach(({ id }) => sentIds.add(id));

      return answered;
    },
    keepLine: () => Promise.resolve(),
    alone: (work) => {
      const mine = sending.then(work);
      sending = mine.catch(() => undefined);

      return mine;
    },
    channel: windows.channel(),
  });
  opened.push(one);

  return one;
}

const queries = {
  cancelQueries: () => Promise.resolve(),
  getQueryData: () => undefined,
  setQueryData: () => undefined,
  invalidateQueries: () => Promise.resolve(),
} as unknown as Parameters<Outbox['open']>[1];

/** Until all that is under way has come to its end. */
const settle = () => vi.advanceTimersByTimeAsync(0);

async function openFor(team: string): Promise<Outbox> {
  const one = outbox();
  await one.open(team, queries);
  await settle();

  return one;
}

beforeEach(() => {
  vi.useFakeTimers();
  store = new Store();
  windows = new Windows();
  now = 1_000_000;
  settled = [];
  time = {
    moment: () => now,
    inDoubt: false,
    slip: 0,
    onSettled: (hear) => {
      settled.push(hear);

      return () => settled.splice(settled.indexOf(hear), 1).length > 0;
    },
  };
  asksTime = () => Promise.resolve();
  answer = takes;
  sent = [];
  sentIds = new Set();
  opened = [];
  sending = Promise.resolve();
});

afterEach(() => {
  opened.forEach((one) => one.dispose());
  vi.useRealTimers();
});

describe('the outbox', () => {
  it('shows a tap at once, keeps it, and lets it go when the server has it', async () => {
    const box = await openFor('a');
    answer = away;
    box.tap('day', 0, { kind: 'called', ticket: 't' });
    expect(box.waiting).toHaveLength(1);
    await settle();
    expect(store.kept.size).toBe(1);

    answer = takes;
    await vi.advanceTimersByTimeAsync(2000);
    expect(box.waiting).toHaveLength(0);
    expect(store.kept.size).toBe(0);
    expect(sent).toEqual([['day called']]);
  });

  it('sends what an earlier page left, in the order it was made, and days apart', async () => {
    answer = away;
    const first = await openFor('a');
    first.tap('one', 0, { kind: 'opened' });
    first.tap('two', 0, { kind: 'opened' });
    first.tap('one', 0, { kind: 'closed' });
    await settle();
    first.dispose();

    answer = takes;
    await openFor('a');
    expect(sent).toEqual([['one opened', 'one closed'], ['two opened']]);
  });

  it('puts each press after all that the painter had seen, whatever the clocks say', async () => {
    answer = away;
    const box = await openFor('a');
    box.tap('day', 5_000_000, { kind: 'opened' }, { kind: 'called', ticket: 't' });
    now = 900_000;
    box.tap('day', 0, { kind: 'closed' });

    // Of one press all have one moment; the next is later, though the device was set back.
    expect(box.waiting.map((one) => one.tap.at)).toEqual([5_000_001, 5_000_001, 5_000_002]);
    const ids = box.waiting.map((one) => one.id);
    expect(ids.toSorted()).toEqual(ids);
  });

  it('sets right what was tapped since the device was set forward, before it sends it', async () => {
    answer = away;
    const box = await openFor('a');
    box.tap('day', 0, { kind: 'opened' });
    await settle();
    // An hour ahead, and nobody knows yet.
    now += 3_601_000;
    time.inDoubt = true;
    box.tap('day', 0, { kind: 'called', ticket: 't' });
    await settle();
    answer = takes;
    asksTime = () => {
      now -= 3_600_000;
      time.slip = -3_600_000;
      time.inDoubt = false;
      settled.forEach((hear) => hear(1_000_500, -3_600_000));

      return Promise.resolve();
    };
    const posted: number[] = [];
    answer = (team, day, taps) => {
      posted.push(...taps.map(({ at }) => at));

      return takes(team, day, taps);
    };
    await box.send();
    expect(posted).toEqual([1_000_000, 1_001_000]);
    box.tap('day', 0, { kind: 'closed' });
    expect(box.waiting.at(-1)?.tap.at).toBe(1_001_001);
  });

  it('tells the other window of what was set right', async () => {
    answer = away;
    const [one, other] = [await openFor('a'), await openFor('a')];
    one.tap('day', 0, { kind: 'opened' });
    await settle();
    settled.forEach((hear) => hear(0, -5000));
    await settle();
    expect([one, other].map((box) => box.waiting[0]?.tap.at)).toEqual([995_000, 995_000]);
  });

  it('goes on after its own taps when the page is opened again with a slow clock', async () => {
    answer = away;
    const first = await openFor('a');
    first.tap('day', 0, { kind: 'opened' });
    await settle();
    first.dispose();
    now = 10;
    const again = await openFor('a');
    again.tap('day', 0, { kind: 'closed' });

    expect(again.waiting.map((one) => one.tap.at)).toEqual([1_000_000, 1_000_001]);
  });

  it('tells of a tap that counted, and counts no more since another device was heard', async () => {
    const box = await openFor('a');
    box.tap('day', 0, { kind: 'seated', ticket: 't', chair: 2 });
    await settle();
    expect(box.complaints).toEqual([]);
    const id = [...sentIds].at(-1) ?? '';
    box.account(new Map([['of another device', 'That child has a number already.']]));
    expect(box.complaints).toEqual([]);
    const setAside = new Map([[id, 'No. 14 was seated twice: chair 1 kept it.']]);
    box.account(setAside);
    box.account(setAside);
    expect(box.complaints.map(({ message }) => message)).toEqual([
      'No. 14 was seated twice: chair 1 kept it.',
    ]);
  });

  it('tells what the server had no use for', async () => {
    const box = await openFor('a');
    answer = (team, day, taps) => ({
      ...(takes(team, day, taps) as TapsAnswer),
      outcomes: taps.map(({ id }) => ({ id, fate: 'set_aside', message: 'No. 3 has left.' })),
    });
    box.tap('day', 0, { kind: 'called', ticket: 't' });
    await settle();

    expect(box.complaints.map((one) => one.message)).toEqual(['No. 3 has left.']);
    box.dismissComplaints();
    expect(box.complaints).toEqual([]);
  });

  it('lays a tap aside that the server fails on for ever, and sends the others of all days', async () => {
    const box = await openFor('a');
    answer = (team, day, taps) => {
      if (taps.some((tap) => tap.ticket === 'old')) {
        throw new ServerFault();
      }

      return takes(team, day, taps);
    };
    box.tap('day', 0, { kind: 'called', ticket: 'new' });
    box.tap('day', 0, { kind: 'finished', ticket: 'old' });
    box.tap('day', 0, { kind: 'closed' });
    box.tap('other', 0, { kind: 'opened' });
    await vi.advanceTimersByTimeAsync(10_000);

    expect(sent.flat()).toEqual(['day called', 'day closed', 'other opened']);
    expect(box.waiting).toEqual([]);
    expect(box.parked.map((one) => one.tap.ticket)).toEqual(['old']);
    expect(box.parked[0]?.parked).toContain('The server failed');

    answer = takes;
    await box.tryAgain();
    expect(sent.flat().at(-1)).toBe('day finished');
    expect(box.parked).toEqual([]);
    expect(store.kept.size).toBe(0);
  });

  it('lays a batch aside that the server refuses whole, until the painter throws it away', async () => {
    const box = await openFor('a');
    answer = () => {
      throw new Refusal(404, 'That is not here, or not yours.');
    };
    box.tap('gone', 0, { kind: 'opened' });
    await settle();

    expect(box.parked.map((one) => one.parked)).toEqual(['That is not here, or not yours.']);
    expect(store.kept.size).toBe(1);
    await box.throwAwayParked();
    expect(store.kept.size).toBe(0);
  });

  it.each([401, 409])(
    'waits for its own painter to sign in when the server answers %i, and loses nothing',
    async (status) => {
      const box = await openFor('a');
      answer = () => {
        throw new Refusal(status, 'Another team is signed in.');
      };
      box.tap('day', 0, { kind: 'opened' });
      await settle();
      expect(box.signInNeeded).toBe(true);

      // Another team signs in: its outbox knows nothing of that tap.
      answer = takes;
      await box.open('b', queries);
      await settle();
      expect(box.waiting).toEqual([]);
      expect(sent).toEqual([]);
      expect(store.kept.size).toBe(1);

      await box.open('a', queries);
      await settle();
      expect(sent).toEqual([['day opened']]);
    },
  );

  it('shows in one window what was tapped in another, also out of reach, and lets it go there too', async () => {
    answer = away;
    const one = await openFor('a');
    const other = await openFor('a');
    const stranger = await openFor('b');
    one.tap('day', 0, { kind: 'opened' });

    expect(other.waiting.map((tap) => tap.tap.kind)).toEqual(['opened']);
    expect(stranger.waiting).toEqual([]);
    other.tap('day', 0, { kind: 'closed' });
    expect(other.waiting.map((tap) => tap.tap.at)).toEqual([1_000_000, 1_000_001]);

    answer = takes;
    await vi.advanceTimersByTimeAsync(2000);
    expect([one.waiting, other.waiting]).toEqual([[], []]);
    expect(sent.flat().toSorted()).toEqual(['day closed', 'day opened']);
  });

  it('asks nobody any more once it is disposed of', async () => {
    answer = away;
    const box = await openFor('a');
    box.tap('day', 0, { kind: 'opened' });
    await settle();
    box.dispose();
    answer = takes;
    await vi.advanceTimersByTimeAsync(10_000);

    expect(sent).toEqual([]);
  });
});
