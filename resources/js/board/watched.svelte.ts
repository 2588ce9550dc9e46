import { Push, Seldom } from '../lib/push.svelte';
import type { PublicLine, PublicPicture } from '../api/types.gen';

const POLL_MS = 3_000;
/** Where word of changes comes in, what it missed is found so. */
const SELDOM_MS = 60_000;
/** The web server answers all phones with what is up to a second old. */
const LEAST_MS = 1_000;
/** What is older than this is said to be old. */
export const OLD_MS = 20_000;

/** What a watched board stands on. */
export interface WatchParts {
  fetch(path: string): Promise<Response>;
  now(): number;
  push(channel: string, heard: () => void): Pick<Push, 'isOpen' | 'end'>;
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
  private push: Pick<Push, 'isOpen' | 'end'> | undefined;
  private readonly asking = new Seldom(() => void this.read(), LEAST_MS);
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
    this.asking.end();
    this.push?.end();
  }

  /** By the server's clock. */
  get moment(): number {
    return this.now + this.offset;
  }

  get isOld(): boolean {
    return this.line !== undefined && this.push?.isOpen !== true && this.now - this.readAt > OLD_MS;
  }

  async read(): Promise<void> {
    try {
      const answer = await this.parts.fetch(`${this.address}/line`);
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

  private readNowAndThen(): void {
    if (this.push?.isOpen !== true || this.parts.now() - this.readAt >= SELDOM_MS) {
      void this.read();
    }
  }

  /** Where the server says when something has changed. */
  private listen(): void {
    const channel = this.line?.channel ?? null;
    if (channel !== this.channel) {
      this.channel = channel;
      this.push?.end();
      this.push = channel === null ? undefined : this.parts.push(channel, () => this.asking.call());
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
