/** What a screen needs of a question to the server: its answer, if any, or what went wrong, and a way to ask again. */
export interface Fetching<T> {
  readonly data: T | undefined;
  readonly error: Error | null;
  refetch: () => unknown;
}
