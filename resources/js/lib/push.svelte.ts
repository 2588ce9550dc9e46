/** What listening stands on. */
export interface PushParts {
  source(url: string): Pick<EventSource, 'onopen' | 'onmessage' | 'onerror' | 'close'>;
  /** Only one window of this browser listens at a time: it may keep but a few connections open. */
  alone(name: string, signal: AbortSignal, work: () => Promise<void>): void;
  /** To the other windows of this browser. */
  others(name: string): Pick<BroadcastChannel, 'postMessage' | 'close' | 'onmessage'>;
}

/** Between windows: whether word comes in, and what was heard; from a new one, that it wants to know. */
type Word = { isOpen: boolean; newest?: number } | 'hello';

const browser: PushParts = {
  source: (url) => new EventSource(url),
  alone(name, signal, work) {
    const own = new Promise<void>((resolve) => signal.addEventListener('abort', () => resolve()));
    if ('locks' in navigator) {
      void navigator.locks
        .request(name, { signal }, () => Promise.race([work(), own]))
        .catch(() => undefined);
    } else {
      void work();
    }
  },
  others: (name) => new BroadcastChannel(name),
};

/** Hears at once when something changed, where the server can say so. */
export class Push {
  /** Word comes in: who listens need not ask. */
  isOpen = $state(false);
  private readonly ended = new AbortController();
  private readonly windows;
  private listens = false;

  /** @param heard told the number of the newest event then; 0 where something else has changed */
  constructor(
    channel: string,
    private readonly heard: (newest: number) => void,
    parts: PushParts = browser,
  ) {
    const name = `inch-timer-push-${channel}`;
    this.windows = parts.others(name);
    this.windows.onmessage = ({ data }: MessageEvent<Word>) => this.hear(data);
    this.say('hello');
    parts.alone(name, this.ended.signal, () => this.listen(parts, `/push/${channel}`));
  }

  end(): void {
    this.ended.abort();
    this.windows.close();
  }

  private listen(parts: PushParts, url: string): Promise<void> {
    const source = parts.source(url);
    this.listens = true;
    source.onopen = () => this.stand(true);
    source.onerror = () => this.stand(false);
    source.onmessage = ({ data }: MessageEvent<string>) => {
      this.say({ isOpen: true, newest: Number(data) });
      this.heard(Number(data));
    };

    return new Promise((resolve) => {
      this.ended.signal.addEventListener('abort', () => {
        source.close();
        resolve();
      });
    });
  }

  private stand(isOpen: boolean): void {
    this.isOpen = isOpen;
    this.say({ isOpen });
  }

  private hear(word: Word): void {
    if (word === 'hello') {
      if (this.listens) {
        this.say({ isOpen: this.isOpen });
      }

      return;
    }
    this.isOpen = word.isOpen;
    if (word.newest !== undefined) {
      this.heard(word.newest);
    }
  }

  private say(word: Word): void {
    this.windows.postMessage(word);
  }
}

/** Does the work soon after each call, however many calls come, and never more often than every so many milliseconds. */
export class Seldom {
  private timer: ReturnType<typeof setTimeout> | undefined;
  private last = -Infinity;

  constructor(
    private readonly work: () => void,
    private readonly everyMs: number,
  ) {}

  call(): void {
    this.timer ??= setTimeout(
      () => {
        this.timer = undefined;
        this.last = performance.now();
        this.work();
      },
      Math.max(0, this.everyMs - (performance.now() - this.last)),
    );
  }

  end(): void {
    clearTimeout(this.timer);
  }
}
