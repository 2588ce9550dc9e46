import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Unreachable } from '../../../resources/js/api/client';
import { PartKindValues } from '../../../resources/js/api/types.gen';
import { partNames, partStrokes } from '../../../resources/js/steplines/parts';
import { stretches, TypedList } from '../../../resources/js/steplines/typed.svelte';

const server = vi.hoisted(() => ({ post: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const line = (number: number, name: string, question: object | null = null) => ({
  number,
  text: name,
  kind: 'steps',
  parts: [],
  question,
  steps: [{ step: { name }, assumed: [] }],
});
const read = (...lines: object[]) => ({
  lines,
  steps: lines.length,
  spans: [],
  pins: [],
  placement: 'cheek',
});
const list = (text = '') => Object.assign(new TypedList(() => 'cheek'), { text });

beforeEach(() => server.post.mockReset());

describe('a typed list', () => {
  it('is read as one text, with the place and what stands above', async () => {
    const typed = new TypedList(
      () => 'nose',
      () => ['sponge white nose'],
    );
    typed.text = 'a\n\nb';
    server.post.mockResolvedValueOnce(read(line(1, 'a'), line(3, 'b', { asks: '2 what?', choices: [] })));
    expect(await typed.read()).toBe(true);
    expect(server.post).toHaveBeenCalledWith('step-lists', {
      list: 'a\n\nb',
      placement: 'nose',
      called: '',
      above: ['sponge white nose'],
    });
    expect([typed.steps.length, typed.questions]).toEqual([2, 1]);
  });

  it('drops an answer that newer letters have overtaken', async () => {
    const typed = list('spon');
    let answer: (reading: unknown) => void = () => undefined;
    server.post.mockReturnValueOnce(new Promise((resolve) => (answer = resolve)));
    const reading = typed.read();
    typed.text = 'sponge';
    answer(read(line(1, 'spon')));
    expect(await reading).toBe(false);
    expect(typed.reading).toBeNull();
  });

  it('says so when the server is away, and forgets nothing', async () => {
    const typed = list('sponge white nose');
    server.post.mockRejectedValueOnce(new Unreachable());
    expect(await typed.read()).toBe(false);
    expect(typed.trouble).toContain('out of reach');
    expect(typed.text).toBe('sponge white nose');
  });

  it('asks the server nothing while there is none', async () => {
    const typed = list(' \n ');
    expect(await typed.read()).toBe(true);
    expect(server.post).not.toHaveBeenCalled();
    expect(typed.steps).toEqual([]);
  });

  it('takes a choice into its own line, blank lines and all', async () => {
    const typed = list('a\r\n\r\nb 2\nc');
    const asked = line(3, 'b 2');
    server.post.mockResolvedValueOnce(read(line(1, 'a'), line(3, 'b 2 coats'), line(4, 'c')));
    await typed.choose(asked as never, 'b 2 coats');
    expect(typed.text).toBe('a\n\nb 2 coats\nc');
    expect(server.post).toHaveBeenCalledWith(
      'step-lists',
      expect.objectContaining({ list: 'a\n\nb 2 coats\nc' }),
    );
  });
});

describe('stretches', () => {
  it('cut a line where its parts begin and end, letters of any script counted as one', () => {
    const parts = [
      { kind: 'medium' as const, start: 0, length: 6 },
      { kind: 'words' as const, start: 7, length: 1 },
    ];
    expect(stretches({ text: 'sponge 🐙 x', parts })).toEqual([
      { text: 'sponge', kind: 'medium' },
      { text: ' ', kind: null },
      { text: '🐙', kind: 'words' },
      { text: ' x', kind: null },
    ]);
  });
});

it('has a word and a stroke for every kind of part, and no two kinds of neighbours that look alike', () => {
  const shown = PartKindValues.filter((kind) => kind !== 'between' && kind !== 'words');
  expect(shown.every((kind) => partNames[kind] !== '' && partStrokes[kind].includes('border-'))).toBe(true);
  const often = [
    'medium',
    'technique',
    'colour',
    'zone',
    'side',
    'time',
    'optional',
    'count',
    'drying',
  ] as const;
  expect(new Set(often.map((kind) => partStrokes[kind])).size).toBe(often.length);
});
