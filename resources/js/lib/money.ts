/** A price as it is written on a board: 4.00, or nothing for none. */
export function price(cents: number | null): string {
  return cents === null ? '' : (cents / 100).toFixed(2);
}

/** Reads a typed price: 4, 4.5, 4,50. Null for none; undefined when it is no price. */
export function centsOf(typed: string): number | null | undefined {
  const text = typed.trim().replace(',', '.');
  if (text === '') {
    return null;
  }

  return /^\d{1,5}(\.\d{1,2})?$/.test(text) ? Math.round(Number(text) * 100) : undefined;
}
