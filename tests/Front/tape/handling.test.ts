import { describe, expect, it, vi } from 'vitest';
import { TapeHandling } from '../../../resources/js/tape/handling.svelte';
import type { Piece } from '../../../resources/js/tape/tape';

const piece = (step: string, start: number, length: number): Piece => ({
  id: step,
  step,
  kind: 'brush',
  start,
  length,
});
const pieces = [piece('a', 0, 30_000), piece('b', 30_000, 30_000), piece('c', 60_000, 60_000)];

function handling() {
  const carry = vi.fn<(step: string, to: number) => void>();
  const pull = vi.fn<(step: string, milliseconds: number) => void>();

  return {
    carry,
    pull,
    tape: new TapeHandling({ pieces: () => pieces, pixelsPerMinute: () => 60, carry, pull }),
  };
}

describe('a piece of tape in the hand', () => {
  it('is carried behind what its middle has passed', () => {
    const { tape, carry, pull } = handling();
    tape.take('a', 'carry', 100);
    tape.move(140);
    expect(tape.dropAt).toBe(1);
    tape.move(190);
    expect(tape.dropAt).toBe(2);
    expect(tape.drop()).toBe(true);
    expect(carry).toHaveBeenCalledExactlyOnceWith('a', 2);
    expect(pull).not.toHaveBeenCalled();
  });

  it('is pulled to whole seconds, one at least', () => {
    const { tape, pull } = handling();
    tape.take('b', 'pull', 100);
    tape.move(112.4);
    expect(tape.pulledMs).toBe(42_000);
    tape.drop();
    expect(pull).toHaveBeenCalledExactlyOnceWith('b', 42_000);
    tape.take('b', 'pull', 100);
    tape.move(-500);
    expect(tape.pulledMs).toBe(1000);
  });

  it('is only tapped while the hand hardly moves', () => {
    const { tape, carry } = handling();
    tape.take('c', 'carry', 100);
    tape.move(104);
    expect(tape.drop()).toBe(false);
    expect(carry).not.toHaveBeenCalled();
  });

  it('goes back when it is let go of', () => {
    const { tape, carry } = handling();
    tape.take('a', 'carry', 100);
    tape.move(300);
    tape.letGo();
    expect(tape.drop()).toBe(false);
    expect(carry).not.toHaveBeenCalled();
  });
});
