import { expect, it, vi } from 'vitest';
import { Reach } from '../../../resources/js/api/reach.svelte';

it('tells once when the server is back, and only those who still listen', () => {
  const reach = new Reach();
  const [listening, gone] = [vi.fn(), vi.fn()];
  reach.onFound(listening);
  const stop = reach.onFound(gone);
  reach.found();
  expect(listening).not.toHaveBeenCalled();

  reach.lost();
  expect(reach.away).toBe(true);
  stop();
  reach.found();
  reach.found();

  expect(reach.away).toBe(false);
  expect(listening).toHaveBeenCalledOnce();
  expect(gone).not.toHaveBeenCalled();
});
