import type { Push } from '../lib/push.svelte';
import type { PublicLine, PublicPicture } from '../api/types.gen';

const POLL_MS = 3_000;
/** Where word of changes comes in, what it missed is found so. */
const SELDOM_MS = 60_000;
/** All phones that heard something ask in the same moment, so that the server works it out once for all of them. */
const BEAT_MS = 1_000;
/** What is older than this is said to be old. */
export const OLD_MS = 20_000;

/** What a watched board stands on. */
export interface WatchParts {
  fetch(path: string): Promise<Response>;
  now(): number;
  /** False where it is known that there is no network; a connection that was open may stay so for a while. */
  isOnline(): boolean;
  push(channel: string, heard: (newest: number) => void): Pick<Push, 'isOpen' | 'end'>;
}

/** The line behind a link, read again and again; what was read last stays when the network goes. */
export class Watched {
  line = $state.raw<PublicLine | undefined>();
  pictures = $state.raw<readonly PublicPicture[]>([]);
  /** By this device's clock. */
  readAt = $state(0);
  now = $state(0);
  /** The link is good no longer, or never was. */
  isGone = $state(false);
  /** How far the server's clock is ahead of this device's. */
  private offset = 0;
  private channel: string | null = null;
  /** The newest event that was heard of, and when something else was said to have changed. */
  private newest = 0;
  private changedAt = '';
  private push: Pick<Push, 'isOpen' | 'end'> | undefined;
  private beat: ReturnType<typeof setTimeout> | undefined;
  private readonly timers: ReturnType<typeof setInterval>[] = [];

  constructor(
    private readonly address: string,
    private readonly parts: WatchParts,
  ) {}

  begin(): void {
    void this.read();
    void this.readPictures();
    this.timers.push(
      setInterval(() => this.readNowAndThen(), POLL_MS),
      setInterval(() => (this.now = this.parts.now()), 1_000),
    );
  }

  end(): void {
    this.timers.forEach(clearInterval);
    clearTimeout(this.beat);
    this.push?.end();
  }

  /** By the server's clock. */
  get moment(): number {
    return this.now + this.offset;
  }

  get isOld(): boolean {
    return this.line !== undefined && this.now - this.readAt > OLD_MS + (this.isTold() ? SELDOM_MS : 0);
  }

  async read(): Promise<void> {
    try {
      const answer = await this.parts.fetch(`${this.address}/line?after=${this.newest}${this.changedAt}`);
      this.now = this.parts.now();
      if (answer.status === 404) {
        this.isGone = true;
        this.line = undefined;
      } else if (answer.ok) {
        this.line = (await answer.json()) as PublicLine;
        this.offset = this.line.now - this.now;
        this.readAt = this.now;
        this.isGone = false;
        this.listen();
      }
    } catch {
      // Out of reach: what is shown says how old it is.
      this.now = this.parts.now();
    }
  }

  /** Of what changes, as soon as it does. */
  private isTold(): boolean {
    return this.push?.isOpen === true && this.parts.isOnline();
  }

  private readNowAndThen(): void {
    if (!this.isTold() || this.parts.now() - this.readAt >= SELDOM_MS) {
      void this.read();
    }
  }

  /** Where the server says when something has changed. */
  private listen(): void {
    const channel = this.line?.channel ?? null;
    if (channel !== this.channel) {
      this.channel = channel;
      this.push?.end();
      this.push =
        channel === null
          ? undefined
          : this.parts.push(channel, (newest) => {
              this.newest = Math.max(this.newest, newest);
              this.askOnTheBeat(newest === 0);
            });
    }
  }

  private askOnTheBeat(isOther: boolean): void {
    const moment = this.parts.now() + this.offset;
    if (isOther) {
      // The same for all phones, and nothing that was kept before.
      this.changedAt = `-${Math.ceil(moment / BEAT_MS)}`;
    }
    if (isOther || (this.line?.newest ?? 0) < this.newest) {
      this.beat ??= setTimeout(
        () => {
          this.beat = undefined;
          void this.read();
        },
        BEAT_MS - (moment % BEAT_MS),
      );
    }
  }

  private async readPictures(): Promise<void> {
    try {
      const answer = await this.parts.fetch(`${this.address}/pictures`);
      this.pictures = answer.ok ? ((await answer.json()) as PublicPicture[]) : [];
    } catch {
      // Words will do.
    }
  }
}
