import { flushSync, mount, tick, unmount } from 'svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import Choice from '../../../resources/js/ui/Choice.svelte';
import Slider from '../../../resources/js/ui/Slider.svelte';
import Tick from '../../../resources/js/ui/Tick.svelte';

let shown: Record<string, unknown> | undefined;

// The page that the tests stand in lays nothing out.
beforeEach(() => {
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe() {}
      unobserve() {}
      disconnect() {}
    },
  );
});

afterEach(async () => {
  if (shown !== undefined) {
    await unmount(shown);
  }
});

function at(role: string): HTMLElement {
  const found = document.querySelector<HTMLElement>(`[role="${role}"]`);
  if (found === null) {
    throw new Error(`Nothing has the role ${role}.`);
  }

  return found;
}

describe('a field that chooses', () => {
  const options = [
    { value: null, words: 'nobody' },
    { value: 'mara', words: 'Mara' },
    { value: 'odo', words: 'Odo' },
  ];

  it('says its name and what stands chosen, be it nothing', () => {
    shown = mount(Choice, {
      target: document.body,
      props: { label: 'Who takes it home', value: null, options },
    });
    expect(at('combobox').getAttribute('aria-label')).toBe('Who takes it home');
    expect(at('combobox').textContent.trim()).toBe('nobody');
  });

  it('shows its hint while what is chosen is none of them', () => {
    shown = mount(Choice, {
      target: document.body,
      props: { label: 'Placed', value: '', hint: 'by the clock', options },
    });
    expect(at('combobox').textContent.trim()).toBe('by the clock');
  });

  it('stands with its words above it, which open it too', () => {
    shown = mount(Choice, {
      target: document.body,
      props: { label: 'Finish', caption: 'strong', value: 'odo', options },
    });
    expect(at('combobox').closest('label')?.textContent).toContain('Finish');
  });
});

describe('a tick', () => {
  it('is turned, and says so', async () => {
    const turns: boolean[] = [];
    shown = mount(Tick, {
      target: document.body,
      props: { checked: false, name: 'put away', onturn: (to: boolean) => turns.push(to) },
    });
    expect(at('checkbox').getAttribute('aria-label')).toBe('put away');
    at('checkbox').click();
    await tick();
    expect(turns).toEqual([true]);
    expect(at('checkbox').getAttribute('aria-checked')).toBe('true');
  });

  it('stays as it is while it cannot be turned', async () => {
    const turns: boolean[] = [];
    shown = mount(Tick, {
      target: document.body,
      props: { checked: false, disabled: true, name: 'x', onturn: (to: boolean) => turns.push(to) },
    });
    at('checkbox').click();
    await tick();
    expect(turns).toEqual([]);
  });
});

describe('a slider', () => {
  it('goes by its steps, says its value in words, and tells when it stays', async () => {
    const turned: number[] = [];
    const stayed: number[] = [];
    const props = $state({
      label: 'Chairs',
      shown: '2 chairs',
      value: 2.2,
      min: 1,
      max: 4,
      turn: (to: number) => {
        turned.push(to);
        props.value = to;
      },
      stay: (to: number) => stayed.push(to),
    });
    shown = mount(Slider, { target: document.body, props });
    flushSync();
    // Nobody has turned it, though it stands between two steps.
    const thumb = at('slider');
    expect(thumb.getAttribute('aria-label')).toBe('Chairs');
    expect(thumb.getAttribute('aria-valuetext')).toBe('2 chairs');
    expect(turned).toEqual([]);
    thumb.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }));
    await tick();
    expect(turned).toEqual([3]);
    expect(stayed).toEqual([3]);
  });
});
