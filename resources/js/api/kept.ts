import { type DBSchema, type IDBPDatabase, openDB } from 'idb';

/** One tap as the server takes it. */
export interface Tap {
  id: string;
  kind: TapKind;
  at: number;
  ticket?: string;
  firstName?: string;
  design?: string;
  chair?: number;
  plan?: string;
  step?: string;
  before?: string;
  target?: string;
}

export type TapKind =
  | 'opened'
  | 'closed'
  | 'joined'
  | 'changed'
  | 'moved'
  | 'called'
  | 'seated'
  | 'step_done'
  | 'step_skipped'
  | 'paused'
  | 'resumed'
  | 'finished'
  | 'left'
  | 'no_show'
  | 'removed'
  | 'undone';

export interface KeptTap {
  id: string;
  teamId: string;
  dayId: string;
  tap: Tap;
}

interface Shape extends DBSchema {
  answers: { key: string; value: { path: string; body: unknown } };
  taps: { key: string; value: KeptTap };
}

let opened: Promise<IDBPDatabase<Shape>> | undefined;

function database(): Promise<IDBPDatabase<Shape>> {
  opened ??= openDB<Shape>('inch-timer', 1, {
    upgrade(db) {
      db.createObjectStore('answers', { keyPath: 'path' });
      db.createObjectStore('taps', { keyPath: 'id' });
    },
  });

  return opened;
}

/** What this browser keeps for when the server is away: the last answers, and the taps not yet sent. */
export const kept = {
  async answer(path: string): Promise<unknown> {
    return (await (await database()).get('answers', path))?.body;
  },

  async keepAnswer(path: string, body: unknown): Promise<void> {
    await (await database()).put('answers', { path, body });
  },

  async forgetAnswers(): Promise<void> {
    await (await database()).clear('answers');
  },

  /** In the order they were made: their ids are. */
  async taps(): Promise<KeptTap[]> {
    return (await database()).getAll('taps');
  },

  async keepTaps(taps: KeptTap[]): Promise<void> {
    const writing = (await database()).transaction('taps', 'readwrite');
    await Promise.all([...taps.map((tap) => writing.store.put(tap)), writing.done]);
  },

  async dropTaps(ids: string[]): Promise<void> {
    const writing = (await database()).transaction('taps', 'readwrite');
    await Promise.all([...ids.map((id) => writing.store.delete(id)), writing.done]);
  },
};
