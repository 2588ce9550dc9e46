import { describe, expect, it, vi } from 'vitest';
import type { FilmOnSkin, PinShown, ProposedOrder } from '../../../resources/js/api/types.gen';
import { inRows } from '../../../resources/js/rooms/bench/advice/films';
import { OrderSearch } from '../../../resources/js/rooms/bench/advice/order.svelte';
import { Pinning } from '../../../resources/js/rooms/bench/steps/pinning.svelte';
import { pinWords } from '../../../resources/js/rooms/bench/steps/pins';

const server = vi.hoisted(() => ({ lines: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const film = (stepId: string, laidMs: number, dryMs: number): FilmOnSkin => ({
  stepId,
  laidMs,
  tackyMs: (laidMs + dryMs) / 2,
  dryMs,
});

describe('films on the skin', () => {
  it('share a row when one is dry before the next is laid', () => {
    const rows = inRows([film('a', 0, 30), film('b', 10, 50), film('c', 30, 60), film('d', 55, 70)]);
    expect(rows.map(({ film: { stepId }, row }) => `${stepId}${row}`)).toEqual(['a0', 'b1', 'c0', 'd1']);
  });

  it('need no row where there are none', () => {
    expect(inRows([])).toEqual([]);
  });
});

describe('pins', () => {
  const nameOf = (id: string) => ({ a: 'Base', b: 'Foam', c: 'Dots' })[id] ?? '';

  it.each<[PinShown, string]>([
    [{ kind: 'before', steps: ['a', 'b'] }, 'Base before Foam'],
    [{ kind: 'while_wet', steps: ['a', 'c'] }, 'Dots while Base is wet'],
    [{ kind: 'first', steps: ['a'] }, 'Base first'],
    [{ kind: 'together', steps: ['a', 'b'] }, 'Base and Foam together'],
    [{ kind: 'together', steps: ['a', 'b', 'c'] }, 'Base, Foam and Dots together'],
  ])('read as they are typed', (pin, words) => {
    expect(pinWords(pin, nameOf)).toBe(words);
  });

  it('are carried from one step onto another', () => {
    const pin = vi.fn();
    let under: string | null = 'a';
    const pinning = new Pinning(pin, () => under);
    pinning.move(0, 0);
    expect(pinning.over).toBeNull();
    pinning.take('a');
    pinning.move(0, 0);
    expect(pinning.over).toBeNull();
    under = 'b';
    pinning.move(0, 9);
    expect(pinning.over).toBe('b');
    pinning.drop();
    expect(pin).toHaveBeenCalledExactlyOnceWith('a', 'b');
    expect([pinning.from, pinning.over]).toEqual([null, null]);
  });

  it('fall to the ground beside the list', () => {
    const pin = vi.fn();
    const pinning = new Pinning(pin, () => null);
    pinning.take('a');
    pinning.move(0, 0);
    pinning.drop();
    expect(pin).not.toHaveBeenCalled();
  });
});

describe('the search for the best order', () => {
  const proposal = (totalMs: number, isDone: boolean) => ({ totalMs, isDone }) as ProposedOrder;

  it('keeps each better one as it comes, and the last', async () => {
    server.lines.mockImplementationOnce((_path: string, take: (line: string) => void) => {
      take(JSON.stringify(proposal(90, false)));
      take(JSON.stringify(proposal(80, true)));

      return Promise.resolve();
    });
    const search = new OrderSearch('d');
    await search.run(3);
    expect(server.lines.mock.lastCall?.[0]).toBe('designs/d/best-order?seconds=3');
    expect([search.best?.totalMs, search.isRunning, search.message]).toEqual([80, false, '']);
  });

  it('keeps the best so far when it is stopped', async () => {
    server.lines.mockImplementationOnce(
      (_path: string, take: (line: string) => void, signal: AbortSignal) =>
        new Promise((_resolve, reject) => {
          take(JSON.stringify(proposal(90, false)));
          signal.addEventListener('abort', () => reject(new DOMException('stopped', 'AbortError')));
        }),
    );
    const search = new OrderSearch('d');
    const run = search.run(30);
    expect(search.isRunning).toBe(true);
    search.stop();
    await run;
    expect([search.best?.totalMs, search.isRunning, search.message]).toEqual([90, false, '']);
  });

  it('says what went wrong', async () => {
    server.lines.mockRejectedValueOnce(new Error('The server is out of reach.'));
    const search = new OrderSearch('d');
    await search.run(3);
    expect([search.best, search.message]).toEqual([null, 'The server is out of reach.']);
  });
});
