import { monotonicFactory } from 'ulid';

const bytes = new Uint8Array(256);
let used = bytes.length;

/** From 0 to less than 1; asking for each byte by itself is a millisecond of a slow phone's tap. */
function random(): number {
  if (used === bytes.length) {
    crypto.getRandomValues(bytes);
    used = 0;
  }

  return (bytes[used++] ?? 0) / 256;
}

const next = monotonicFactory(random);

/** A new id; ids made in one millisecond keep the order they were made in. */
export function newId(at?: number): string {
  return next(at).toLowerCase();
}
