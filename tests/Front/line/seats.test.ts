import { describe, expect, it } from 'vitest';
import type { ShiftShown, ToldTap } from '../../../resources/js/api/types.gen';
import { TapSetAside } from '../../../resources/js/line/aside';
import { Roster, type Seats, seatsAfter } from '../../../resources/js/line/seats';

const tap = (kind: ToldTap['kind'], at: number, more: Partial<ToldTap>): ToldTap => ({
  id: `e${at}`,
  kind,
  at,
  ...more,
});

const after = (...taps: ToldTap[]): Seats => taps.reduce<Seats>(seatsAfter, new Map());

const shift = (chair: number, painterId: string | null, from: number): ShiftShown => ({
  chair,
  painterId,
  from,
});

describe('who sits where, as tapped', () => {
  it('knows who took a chair, and that they left the one before', () => {
    const seats = after(
      tap('chair_taken', 1, { chair: 1, painter: 'ines' }),
      tap('chair_taken', 2, { chair: 2, painter: 'tobi' }),
      tap('handed_over', 3, { chair: 2, painter: 'ines' }),
    );

    expect(seats.get(1)).toEqual({ painter: null, since: 3, awayUntil: null });
    expect(seats.get(2)).toEqual({ painter: 'ines', since: 3, awayUntil: null });
  });

  it('keeps who sits there through a break, and ends the break for whoever takes over', () => {
    const away = after(
      tap('chair_taken', 1, { chair: 1, painter: 'ines' }),
      tap('break_began', 2, { chair: 1, until: 900 }),
    );

    expect(away.get(1)).toEqual({ painter: 'ines', since: 1, awayUntil: 900 });
    expect(seatsAfter(away, tap('break_ended', 3, { chair: 1 })).get(1)?.awayUntil).toBeNull();
    expect(seatsAfter(away, tap('handed_over', 3, { chair: 1, painter: 'tobi' })).get(1)).toEqual({
      painter: 'tobi',
      since: 3,
      awayUntil: null,
    });
  });

  it.each([
    [
      tap('chair_taken', 5, { chair: 1, painter: 'tobi' }),
      'Somebody else sits at chair 1. Let them hand over.',
    ],
    [tap('break_ended', 5, { chair: 1 }), 'Chair 1 is not on a break.'],
    [tap('break_began', 5, { chair: 2, until: 9 }), 'Chair 2 is on a break already.'],
  ])('sets aside what the chairs have no use for: %o', (useless, why) => {
    const seats = after(
      tap('chair_taken', 1, { chair: 1, painter: 'ines' }),
      tap('break_began', 2, { chair: 2, until: 8 }),
    );

    expect(() => seatsAfter(seats, useless)).toThrow(TapSetAside);
    expect(() => seatsAfter(seats, useless)).toThrow(why);
  });
});

describe('who is meant to sit where', () => {
  const roster = new Roster([shift(1, 'tobi', 600), shift(1, 'ines', 0), shift(2, null, 100)]);

  it.each([
    [1, 599, 'ines'],
    [1, 600, 'tobi'],
    [2, 99, null],
    [2, 100, null],
    [3, 100, null],
  ])('has for chair %i at %i: %s', (chair, at, painter) => {
    expect(roster.painterAt(chair, at, new Map())).toBe(painter);
  });

  it('goes by what was tapped, until the next shift', () => {
    const seats = after(tap('chair_taken', 300, { chair: 1, painter: 'ada' }));

    expect(roster.painterAt(1, 400, seats)).toBe('ada');
    expect(roster.painterAt(1, 600, seats)).toBe('tobi');
  });

  it('does not count on somebody who sits elsewhere by now', () => {
    const seats = after(tap('chair_taken', 50, { chair: 2, painter: 'ines' }));

    expect(roster.painterAt(1, 60, seats)).toBeNull();
    expect(roster.staffedFrom(1, 60, seats)).toBe(600);
  });

  it('waits for the end of a break, and for whoever comes next', () => {
    const seats = after(tap('break_began', 50, { chair: 1, until: 90 }));

    expect(roster.staffedFrom(1, 60, seats)).toBe(90);
    expect(roster.staffedFrom(1, 120, seats)).toBe(120);
    expect(roster.staffedFrom(2, 100, new Map())).toBeNull();
    expect(roster.staffedFrom(3, 100, new Map())).toBe(100);
  });
});
