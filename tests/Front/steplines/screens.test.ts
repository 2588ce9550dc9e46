import { type Component, flushSync, mount, unmount } from 'svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { AssumedPart, ReadLine, ReadList, StepLine } from '../../../resources/js/api/types.gen';
import Assumed from '../../../resources/js/steplines/Assumed.svelte';
import ListField from '../../../resources/js/steplines/ListField.svelte';
import ListTape from '../../../resources/js/steplines/ListTape.svelte';
import { TypedList } from '../../../resources/js/steplines/typed.svelte';
import Understood from '../../../resources/js/steplines/Understood.svelte';
import { planStep } from '../steps';

const server = vi.hoisted(() => ({ post: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

/** Widths are the browser's; jsdom has none. */
class NoResize {
  observe(): void {
    /* nothing changes its size here */
  }
  unobserve(): void {
    /* nothing was observed */
  }
  disconnect(): void {
    /* nothing was observed */
  }
}

let shown: Record<string, unknown> | undefined;

function show<Props extends Record<string, unknown>>(component: Component<Props>, props: Props): HTMLElement {
  shown = mount(component, { target: document.body, props });
  flushSync();

  return document.body;
}

/** The words that stand there, each piece of text apart from the next. */
function words(element: Element): string {
  const walker = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
  const texts: string[] = [];
  while (walker.nextNode() !== null) {
    texts.push(walker.currentNode.textContent ?? '');
  }

  return texts.join(' ').replace(/\s+/g, ' ').trim();
}
const button = (text: string) =>
  [...document.querySelectorAll('button')].find((one) => words(one).includes(text)) as HTMLButtonElement;
const press = (text: string) => {
  button(text).click();
  flushSync();
};

const part = (change: Partial<AssumedPart> = {}): AssumedPart => ({
  of: 'colour',
  value: 'black',
  because: 'as line work usually is',
  choices: [
    { label: 'white', text: 'lines, in white' },
    { label: 'red', text: 'lines, in red' },
  ],
  ...change,
});
const step = (name: string, change: Partial<StepLine> = {}): StepLine => ({
  ...(planStep({ id: name, name }) as unknown as StepLine),
  timeMs: 8000,
  timeSource: 'typed',
  ...change,
});
const line = (change: Partial<ReadLine> = {}): ReadLine => ({
  number: 1,
  text: 'thin lines, 8s',
  kind: 'steps',
  parts: [
    { kind: 'quality', start: 0, length: 4 },
    { kind: 'technique', start: 5, length: 5 },
    { kind: 'time', start: 12, length: 2 },
  ],
  question: null,
  steps: [{ step: step('lines'), assumed: [part()] }],
  ...change,
});
const list = (lines: ReadLine[], change: Partial<ReadList> = {}): ReadList => ({
  title: '',
  placement: 'cheek',
  saysPlacement: false,
  lines,
  steps: lines.flatMap(({ steps }) => steps).length,
  mostSteps: 120,
  spans: [{ kind: 'painting', stepId: 'lines', startMs: 0, lengthMs: 8000 }],
  totalMs: 8000,
  pins: [],
  ...change,
});

beforeEach(() => {
  vi.stubGlobal('ResizeObserver', NoResize);
  server.post.mockReset();
});
afterEach(() => {
  if (shown !== undefined) {
    void unmount(shown);
    shown = undefined;
  }
  vi.unstubAllGlobals();
});

describe('what was assumed', () => {
  it('says what, why, and opens its other choices on a press', () => {
    const choose = vi.fn();
    const page = show(Assumed, { assumed: [part()], choose });
    expect(words(page)).toContain('Assumed, colour: black as line work usually is');
    expect(button('black').getAttribute('aria-expanded')).toBe('false');
    press('black');
    expect(button('black').getAttribute('aria-expanded')).toBe('true');
    expect(page.querySelector('[role=group]')?.getAttribute('aria-label')).toBe('Instead of black');
    press('red');
    expect(choose).toHaveBeenCalledWith('lines, in red');
    expect(page.querySelector('[role=group]')).toBeNull();
  });

  it('closes again, and opens one at a time', () => {
    const page = show(Assumed, {
      assumed: [
        part(),
        part({ of: 'zone', value: 'cheek', choices: [{ label: 'temple', text: 'lines, on the temple' }] }),
      ],
      choose: vi.fn(),
    });
    press('black');
    press('cheek');
    expect(page.querySelectorAll('[role=group]')).toHaveLength(1);
    expect(words(page.querySelector('[role=group]') ?? page)).toContain('temple');
    press('cheek');
    expect(page.querySelector('[role=group]')).toBeNull();
  });

  it('keeps its reason from the eyes where the line above gave it, but not from ears', () => {
    const page = show(Assumed, { assumed: [part()], above: [part()], choose: vi.fn() });
    expect(page.querySelector('.sr-only:last-child')?.textContent).toBe('as line work usually is');
  });

  it('cannot be pressed where there is nothing else', () => {
    show(Assumed, {
      assumed: [part({ of: 'again', value: 'the rest as in “fin”', because: '', choices: [] })],
      choose: vi.fn(),
    });
    expect(button('the rest as in').disabled).toBe(true);
    expect(button('the rest as in').hasAttribute('aria-expanded')).toBe(false);
  });
});

describe('a line that was read', () => {
  it('shows each part under its words, with the number, name and minutes of its step', () => {
    const page = show(Understood, { line: line(), from: 3, choose: vi.fn() });
    expect(words(page)).toContain('3 lines 0:08');
    expect(words(page)).toContain('thin stroke lines how 8s time');
  });

  it('says where minutes are worked out', () => {
    const page = show(Understood, {
      line: line({ steps: [{ step: step('lines', { timeSource: 'work' }), assumed: [] }] }),
      choose: vi.fn(),
    });
    expect(words(page)).toContain('≈ 0:08');
  });

  it('asks with the assumed answer first', () => {
    const choose = vi.fn();
    const question = {
      asks: '2 what?',
      choices: [
        { label: '2 min', text: 'lines 2 min' },
        { label: '2 coats', text: 'lines 2 coats' },
      ],
    };
    const page = show(Understood, { line: line({ question }), choose });
    expect(page.querySelector('[role=group]')?.getAttribute('aria-label')).toBe('2 what?');
    expect(words(button('2 min'))).toBe('2 min meanwhile');
    press('2 coats');
    expect(choose).toHaveBeenCalledWith('lines 2 coats');
  });

  it.each([
    ['heading' as const, 'Rigging:', 'Rigging: a heading'],
    ['header' as const, 'Step\tTime', 'Step Time names of columns'],
    ['placement' as const, 'placement: mask', 'placement: mask where it is painted'],
  ])('says what is no step: %s', (kind, text, says) => {
    const page = show(Understood, { line: line({ kind, text, parts: [], steps: [] }), choose: vi.fn() });
    expect(words(page)).toBe(says);
  });

  it('says that a note is kept', () => {
    const page = show(Understood, {
      line: line({
        kind: 'note',
        text: 'eyes shut',
        parts: [{ kind: 'note', start: 0, length: 9 }],
        steps: [],
      }),
      choose: vi.fn(),
    });
    expect(words(page)).toContain('kept as a note of the step beside it');
    expect(words(page)).toContain('eyes shut note');
  });

  it('shows signs between words no more than bullets', () => {
    const page = show(Understood, {
      line: line({
        text: '- lines, 8s',
        parts: [
          { kind: 'technique', start: 2, length: 5 },
          { kind: 'time', start: 9, length: 2 },
        ],
      }),
      choose: vi.fn(),
    });
    expect(words(page)).toContain('lines how 8s time');
    expect(words(page)).not.toContain(' , ');
    expect(words(page)).not.toContain('- ');
  });
});

describe('the tape of a typed list', () => {
  const typed = (reading: ReadList | null) => Object.assign(new TypedList(() => 'cheek'), { reading });

  it('waits for the first step', () => {
    expect(words(show(ListTape, { typed: typed(null) }))).toContain('show here what the lines come to');
  });

  it('shows minutes, steps, questions, face and tape', () => {
    const asked = line({ question: { asks: '2 what?', choices: [] } });
    const page = show(ListTape, { typed: typed(list([asked])) });
    expect(words(page)).toContain('0:08 1 step, 1 question');
    expect(page.querySelector('[aria-label="The lines as a tape, 0:08"]')).not.toBeNull();
    expect(page.querySelector('[aria-label^="What the lines come to, painted in 1 step"]')).not.toBeNull();
  });

  it('says so when a design cannot hold them', () => {
    const page = show(ListTape, { typed: typed(list([line()], { steps: 500 })) });
    expect(words(page)).toContain('These are 500 steps, and a design holds 120.');
  });
});

describe('the field of a typed list', () => {
  it('reads what is typed once it pauses, explains its marks once, and takes a choice into the text', async () => {
    vi.useFakeTimers();
    server.post.mockResolvedValue(
      list([line(), line({ number: 2, text: 'more lines', steps: [{ step: step('more'), assumed: [] }] })]),
    );
    const typed = new TypedList(() => 'cheek');
    const page = show(ListField, { typed });
    const field = page.querySelector('textarea') as HTMLTextAreaElement;
    expect(page.querySelector('dl')).toBeNull();
    field.value = 'thin lines, 8s\nmore lines';
    field.dispatchEvent(new Event('input', { bubbles: true }));
    await vi.advanceTimersByTimeAsync(100);
    expect(server.post).not.toHaveBeenCalled();
    await vi.advanceTimersByTimeAsync(60);
    flushSync();
    expect(page.querySelectorAll('dl')).toHaveLength(1);
    expect(words(page.querySelector('[role=status]') ?? page)).toBe('2 steps, 0 questions.');
    expect([...page.querySelectorAll('ol > li')].map((item) => words(item).slice(0, 7))).toEqual([
      '1 lines',
      '2 more ',
    ]);
    button('black').click();
    flushSync();
    press('white');
    await vi.advanceTimersByTimeAsync(10);
    expect(typed.text).toBe('lines, in white\nmore lines');
    vi.useRealTimers();
  });

  it('shows no more lines than a design could hold, and says how many there are', () => {
    const lines = Array.from({ length: 200 }, (_, at) =>
      line({ number: at + 1, steps: [{ step: step(`lines ${String(at)}`), assumed: [] }] }),
    );
    const page = show(ListField, {
      typed: Object.assign(new TypedList(() => 'cheek'), { text: 'lines', reading: list(lines) }),
    });
    expect(page.querySelectorAll('ol > li')).toHaveLength(150);
    expect(words(page)).toContain('and 50 more lines, read as well');
  });

  it('says what went wrong, and keeps the text', async () => {
    server.post.mockRejectedValueOnce(new Error('The server is out of reach.'));
    const typed = Object.assign(new TypedList(() => 'cheek'), { text: 'lines' });
    const page = show(ListField, { typed });
    await typed.read();
    flushSync();
    expect(words(page)).toContain('The server is out of reach.');
    expect(page.querySelector('textarea')?.value).toBe('lines');
  });
});
