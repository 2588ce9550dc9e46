import { beforeEach, describe, expect, it, vi } from 'vitest';
import { pinsOf, StepWords } from '../../../resources/js/rooms/bench/steps/words.svelte';

const server = vi.hoisted(() => ({ post: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const become = vi.fn();
const words = () =>
  new StepWords({
    placement: () => 'cheek',
    called: () => '',
    above: () => ['sponge'],
    idsAbove: () => ['above'],
    become,
  });
const answer = (name: string, pins: object[] = []) => ({
  lines: [
    {
      number: 1,
      text: name,
      kind: 'steps',
      parts: [],
      question: null,
      steps: [{ step: { name }, assumed: [] }],
    },
  ],
  pins,
});

beforeEach(() => {
  server.post.mockReset();
  become.mockReset();
});

describe('the line of a step', () => {
  it('becomes the step it was typed for, once, whoever asks', async () => {
    const one = words();
    one.type('white dots last');
    server.post.mockResolvedValue(answer('dots', [{ kind: 'last', steps: ['2'] }]));
    await Promise.all([one.settle(), one.settle()]);
    expect(become).toHaveBeenCalledTimes(1);
    expect(become).toHaveBeenCalledWith({ name: 'dots' }, [{ kind: 'last', steps: [''] }]);
    expect(one.isTyped).toBe(false);
  });

  it('stays where it cannot be read just now', async () => {
    const one = words();
    one.type('white dots');
    server.post.mockRejectedValueOnce(new Error('away'));
    await one.settle();
    expect([become.mock.calls.length, one.isTyped, one.typed.text, one.typed.trouble]).toEqual([
      0,
      true,
      'white dots',
      'away',
    ]);
  });

  it('goes back to the step’s own where all is wiped out, or it is dropped', async () => {
    const one = words();
    one.type('  ');
    await one.settle();
    one.type('dots');
    one.drop();
    await one.settle();
    expect([become.mock.calls.length, one.isTyped]).toEqual([0, false]);
  });
});

it('names steps by their ids where the server names them by their place', () => {
  const reading = { pins: [{ kind: 'before' as const, steps: ['1', '3'] }] } as never;
  expect(pinsOf(reading, ['a', 'b', 'c'])).toEqual([{ kind: 'before', steps: ['a', 'c'] }]);
  expect(pinsOf(null, ['a'])).toEqual([]);
});
