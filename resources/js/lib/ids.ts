import { monotonicFactory } from 'ulid';

const next = monotonicFactory();

/** A new id; ids made in one millisecond keep the order they were made in. */
export function newId(at?: number): string {
  return next(at).toLowerCase();
}
