import { QueryClient } from '@tanstack/svelte-query';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { readWhenPlanned } from '../../resources/js/lib/planned';

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

test('designs are read at once, and again when the queue may have planned them', async () => {
  const client = new QueryClient();
  const read = vi.spyOn(client, 'invalidateQueries');
  await readWhenPlanned(client);
  expect(read).toHaveBeenCalledTimes(1);
  vi.advanceTimersByTime(1500);
  expect(read).toHaveBeenCalledTimes(2);
  vi.advanceTimersByTime(60_000);
  expect(read).toHaveBeenCalledTimes(3);
  expect(read).toHaveBeenLastCalledWith({ queryKey: ['designs'] });
});
