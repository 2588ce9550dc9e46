/** Whether the server answers. */
export class Reach {
  away = $state(false);
  private readonly listeners = new Set<() => void>();

  lost(): void {
    this.away = true;
  }

  found(): void {
    const wasAway = this.away;
    this.away = false;
    if (wasAway) {
      this.listeners.forEach((listener) => listener());
    }
  }

  /** @returns how to stop listening */
  onFound(listener: () => void): () => void {
    this.listeners.add(listener);

    return () => this.listeners.delete(listener);
  }
}

export const reach = new Reach();
