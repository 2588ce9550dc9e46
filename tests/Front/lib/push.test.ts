import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { Push, type PushParts, Seldom } from '../../../resources/js/lib/push.svelte';

type Source = ReturnType<PushParts['source']>;
type Others = ReturnType<PushParts['others']>;

/** The windows of one browser: one holds the lock, the others wait for it. */
class Browser implements PushParts {
  readonly sources: Source[] = [];
  private readonly windows: Others[] = [];
  private turn: Promise<unknown> = Promise.resolve();

  source(): Source {
    const source: Source = { onopen: null, onmessage: null, onerror: null, close: vi.fn() };
    this.sources.push(source);

    return source;
  }

  alone(_name: string, signal: AbortSignal, work: () => Promise<void>): void {
    this.turn = this.turn.then(() => (signal.aborted ? undefined : work()));
  }

  others(): Others {
    const others: Others = {
      onmessage: null,
      postMessage: (data: unknown) =>
        this.windows
          .filter((other) => other !== others)
          .forEach((other) => {
            other.onmessage?.call(other as BroadcastChannel, { data } as MessageEvent);
          }),
      close: () => this.windows.splice(this.windows.indexOf(others), 1),
    };
    this.windows.push(others);

    return others;
  }

  /** What the server says. */
  hear(event: 'onopen' | 'onerror' | 'onmessage', data = ''): void {
    const source = this.sources.at(-1);
    source?.[event]?.call(source as EventSource, { data } as MessageEvent);
  }
}

let browser: Browser;
let heard: string[];
const push = (window: string) => new Push('abc', (newest) => heard.push(`${window} ${newest}`), browser);

beforeEach(() => {
  browser = new Browser();
  heard = [];
});
afterEach(() => vi.useRealTimers());

it('listens once for all windows, and each of them hears', async () => {
  const [one, other] = [push('one'), push('other')];
  await Promise.resolve();
  browser.hear('onopen');
  browser.hear('onmessage', '17');
  expect(browser.sources).toHaveLength(1);
  expect(heard.toSorted()).toEqual(['one 17', 'other 17']);
  const late = push('late');
  expect([one.isOpen, other.isOpen, late.isOpen]).toEqual([true, true, true]);
  browser.hear('onerror');
  expect([one.isOpen, other.isOpen, late.isOpen]).toEqual([false, false, false]);
});

it('is taken over by another window when the one that listens is closed', async () => {
  const [one, other] = [push('one'), push('other')];
  await Promise.resolve();
  one.end();
  await vi.waitFor(() => expect(browser.sources).toHaveLength(2));
  expect(browser.sources[0]?.close).toHaveBeenCalled();
  browser.hear('onopen');
  browser.hear('onmessage', '18');
  expect(heard).toEqual(['other 18']);
  expect(other.isOpen).toBe(true);
});

it('asks soon after the first word, and once for all that come meanwhile', () => {
  vi.useFakeTimers();
  const work = vi.fn();
  const seldom = new Seldom(work, 250);
  seldom.call();
  vi.advanceTimersByTime(1);
  expect(work).toHaveBeenCalledTimes(1);
  [10, 20, 30].forEach(() => seldom.call());
  vi.advanceTimersByTime(200);
  expect(work).toHaveBeenCalledTimes(1);
  vi.advanceTimersByTime(60);
  expect(work).toHaveBeenCalledTimes(2);
  seldom.call();
  seldom.end();
  vi.advanceTimersByTime(1_000);
  expect(work).toHaveBeenCalledTimes(2);
});
