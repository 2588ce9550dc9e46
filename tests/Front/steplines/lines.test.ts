import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Unreachable } from '../../../resources/js/api/client';
import { stretches, TypedLines } from '../../../resources/js/steplines/lines.svelte';

const server = vi.hoisted(() => ({ post: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const understood = (text: string) => ({ text, parts: [], questions: [], step: { name: text } });

beforeEach(() => server.post.mockReset());

describe('typed lines', () => {
  it('are read without their blank ones', async () => {
    const typed = new TypedLines();
    server.post.mockResolvedValueOnce([
      understood('a'),
      { text: 'b', parts: [], questions: ['With what?'], step: null },
    ]);
    typed.text = 'a\n   \nb\n';
    expect(await typed.read()).toBe(true);
    expect(server.post).toHaveBeenCalledWith('step-lines', { lines: ['a', 'b'] });
    expect([typed.clear.length, typed.asked.length, typed.isClear]).toEqual([1, 1, false]);
  });

  it('drop an answer that newer letters have overtaken', async () => {
    const typed = new TypedLines();
    typed.text = 'spon';
    let answer: (readings: unknown[]) => void = () => undefined;
    server.post.mockReturnValueOnce(new Promise((resolve) => (answer = resolve)));
    const reading = typed.read();
    typed.text = 'sponge';
    answer([understood('spon')]);
    expect(await reading).toBe(false);
    expect(typed.readings).toEqual([]);
  });

  it('say so when the server is away, and forget nothing', async () => {
    const typed = new TypedLines();
    typed.text = 'sponge white nose';
    server.post.mockRejectedValueOnce(new Unreachable());
    expect(await typed.read()).toBe(false);
    expect(typed.trouble).toContain('out of reach');
    expect(typed.text).toBe('sponge white nose');
  });

  it('ask the server nothing while there are none', async () => {
    const typed = new TypedLines();
    typed.text = ' \n ';
    expect(await typed.read()).toBe(true);
    expect(server.post).not.toHaveBeenCalled();
    expect(typed.isClear).toBe(false);
  });
});

describe('stretches', () => {
  it('cut a line where its parts begin and end, letters of any script counted as one', () => {
    const parts = [
      { kind: 'medium' as const, start: 0, length: 6 },
      { kind: 'unread' as const, start: 7, length: 1 },
    ];
    expect(stretches({ text: 'sponge 🐙 x', parts })).toEqual([
      { text: 'sponge', kind: 'medium' },
      { text: ' ', kind: null },
      { text: '🐙', kind: 'unread' },
      { text: ' x', kind: null },
    ]);
  });
});
