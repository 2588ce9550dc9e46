/** What a newer build of the app stands on to take over. */
export interface NewBuildParts {
  registration: Pick<ServiceWorkerRegistration, 'waiting' | 'installing' | 'addEventListener' | 'update'>;
  container: Pick<ServiceWorkerContainer, 'controller' | 'addEventListener'>;
  /** Whether something is under the hand that must not be taken away. */
  isBusy(): boolean;
  reload(): void;
}

/** How long nobody must have touched anything. */
const CALM_MS = 3_000;
const LOOK_MS = 1_000;
/** A page that stays open all day asks for a newer build so often. */
const UPDATE_MS = 600_000;

/**
 * A newer build waits until it is in nobody's way: no child in the chair, nothing open or being typed, no finger on the glass a
 * moment ago. Other windows of this browser then do the same, each in its own time.
 */
export class NewBuild {
  private touchedAt = -Infinity;
  private isTaken = false;
  private readonly timers: ReturnType<typeof setInterval>[];

  constructor(private readonly parts: NewBuildParts) {
    const hadOne = parts.container.controller !== null;
    parts.container.addEventListener('controllerchange', () => {
      // The first one of all takes nothing over.
      this.isTaken ||= hadOne;
    });
    this.timers = [
      setInterval(() => this.look(), LOOK_MS),
      setInterval(() => void parts.registration.update().catch(() => undefined), UPDATE_MS),
    ];
  }

  touched(): void {
    this.touchedAt = performance.now();
  }

  end(): void {
    this.timers.forEach(clearInterval);
  }

  private look(): void {
    if ((!this.isTaken && this.parts.registration.waiting === null) || !this.isCalm()) {
      return;
    }
    if (this.isTaken) {
      this.end();
      this.parts.reload();
    } else if (this.parts.container.controller !== null) {
      this.parts.registration.waiting?.postMessage({ type: 'SKIP_WAITING' });
    }
  }

  private isCalm(): boolean {
    return performance.now() - this.touchedAt >= CALM_MS && !this.parts.isBusy();
  }
}

/** Rooms say here that something is under the hand; each takes its word back. */
const busy = new Set<symbol>();

export function keepBuild(): () => void {
  const word = Symbol('busy');
  busy.add(word);

  return () => void busy.delete(word);
}

/** Whether any room has said so. */
export const isAtWork = (): boolean => busy.size > 0;

/** Something is open, or being typed. */
function isTyping(): boolean {
  const at = document.activeElement;

  return (
    document.querySelector('dialog[open], [role="dialog"]') !== null ||
    (at instanceof HTMLElement && at.matches('input, select, textarea, [contenteditable]'))
  );
}

/** Lets a newer build of the app take over when nothing is under the hand. */
export async function followBuilds(address: string): Promise<void> {
  const registration = await navigator.serviceWorker.register(address, { scope: '/' });
  const build = new NewBuild({
    registration,
    container: navigator.serviceWorker,
    isBusy: () => isAtWork() || isTyping(),
    reload: () => location.reload(),
  });
  ['pointerdown', 'keydown', 'input', 'wheel', 'touchmove'].forEach((event) =>
    addEventListener(event, () => build.touched(), { passive: true, capture: true }),
  );
}
