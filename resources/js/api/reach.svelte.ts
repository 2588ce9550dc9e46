/** Whether the server answers. */
class Reach {
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

  onFound(listener: () => void): void {
    this.listeners.add(listener);
  }
}

export const reach = new Reach();
