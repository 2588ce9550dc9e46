import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { ToldTap } from './types.gen';

/** One tap as the server takes it: the number is the server's to give, and what becomes of it the server's to say. */
export type Tap = Omit<ToldTap, 'number' | 'rank' | 'aside'>;

export interface KeptTap {
  id: string;
  teamId: string;
  dayId: string;
  tap: Tap;
  /** The clock's slip that was known when it was tapped. */
  slip?: number;
  /** Why it was laid aside; it is not sent until the painter says so. */
  parked?: string;
}

/** Where taps are kept until the server has them. */
export interface TapStore {
  taps(): Promise<KeptTap[]>;
  keepTaps(taps: KeptTap[]): Promise<void>;
  dropTaps(ids: string[]): Promise<void>;
}

/** A design as it stands on a bench, while the server has not taken it. */
export interface UnsavedDesign<Draft> {
  designId: string;
  /** The server's, that it was begun from. */
  revision: number;
  draft: Draft;
}

interface Shape extends DBSchema {
  /** With when it was kept, in milliseconds. */
  answers: { key: string; value: { path: string; body: unknown; at: number } };
  unsaved: { key: string; value: UnsavedDesign<unknown> };
  taps: { key: string; value: KeptTap };
}

/** What was added, and to what. */
interface Added {
  to: string;
  added: unknown;
}

const pathOfAdded = (path: string) => `${path} added`;

let opened: Promise<IDBPDatabase<Shape>> | undefined;

async function database(): Promise<IDBPDatabase<Shape>> {
  opened ??= openDB<Shape>('inch-timer', 7, {
    upgrade(db, version, _newest, transaction) {
      if (version < 1) {
        db.createObjectStore('answers', { keyPath: 'path' });
        db.createObjectStore('taps', { keyPath: 'id' });
      }
      if (version < 2) {
        db.createObjectStore('unsaved', { keyPath: 'designId' });
      }
      // Answers of another shape than this page reads are of no use to it.
      void transaction.objectStore('answers').clear();
    },
    // An older page in another window would hold up a newer one for ever.
    blocking(_current, _blocked, event) {
      (event.target as IDBDatabase).close();
      opened = undefined;
    },
  });

  return opened;
}

/** Taps that the browser would not keep, for want of room or by its owner's wish: they live as long as this page. */
const inMemory = new Map<string, KeptTap>();

/** What this browser keeps for when the server is away: the last answers, and the taps not yet sent. */
export const kept = {
  async answer(path: string): Promise<unknown> {
    const kept = await database()
      .then((db) => db.get('answers', path))
      .catch(() => undefined);

    return kept?.body;
  },

  /** Several at once, in the order asked for. */
  async answers(paths: readonly string[]): Promise<unknown[]> {
    const kept = await database()
      .then((db) => {
        const store = db.transaction('answers').store;

        return Promise.all(paths.map((path) => store.get(path)));
      })
      .catch(() => []);

    return paths.map((_, at) => kept[at]?.body);
  },

  /** An answer that cannot be kept is only not there later. */
  async keepAnswer(path: string, body: unknown): Promise<void> {
    await database()
      .then((db) => db.put('answers', { path, body, at: Date.now() }))
      .catch(() => undefined);
  },

  /**
   * Keeps what was answered at length and what was added since: the long part is written once, so that a tap does not write a day.
   *
   * @param name the same only for the same whole
   */
  async keepGrown(path: string, name: string, whole: () => unknown, added: unknown): Promise<void> {
    await database()
      .then(async (db) => {
        const writing = db.transaction('answers', 'readwrite');
        const last = (await writing.store.get(pathOfAdded(path)))?.body as Added | undefined;
        await Promise.all([
          ...(last?.to === name ? [] : [writing.store.put({ path, body: whole(), at: Date.now() })]),
          writing.store.put({
            path: pathOfAdded(path),
            body: { to: name, added } satisfies Added,
            at: Date.now(),
          }),
          writing.done,
        ]);
      })
      .catch(() => undefined);
  },

  /** As it was kept: the long part, and what was added. */
  async grown(path: string): Promise<{ whole: unknown; added: unknown } | undefined> {
    const [whole, added] = await kept.answers([path, pathOfAdded(path)]);

    return whole === undefined || added === undefined ? undefined : { whole, added: (added as Added).added };
  },

  /** What was answered about days, where that was before a moment: children are named in it. */
  async forgetDays(before: number): Promise<void> {
    await database()
      .then(async (db) => {
        const writing = db.transaction('answers', 'readwrite');
        // All that begins with days/ and nothing else.
        for await (const { value } of writing.store.iterate(
          IDBKeyRange.bound('days/', 'days0', false, true),
        )) {
          if (value.at < before) {
            await writing.store.delete(value.path);
          }
        }
        await writing.done;
      })
      .catch(() => undefined);
  },

  async forgetAnswers(): Promise<void> {
    await database()
      .then((db) => db.clear('answers'))
      .catch(() => undefined);
  },

  async unsaved(): Promise<UnsavedDesign<unknown>[]> {
    return database()
      .then((db) => db.getAll('unsaved'))
      .catch(() => []);
  },

  async keepUnsaved(design: UnsavedDesign<unknown>): Promise<void> {
    await database()
      .then((db) => db.put('unsaved', design))
      .catch(() => undefined);
  },

  async dropUnsaved(designId: string): Promise<void> {
    await database()
      .then((db) => db.delete('unsaved', designId))
      .catch(() => undefined);
  },

  /** In the order they were made. */
  async taps(): Promise<KeptTap[]> {
    const stored = await database()
      .then((db) => db.getAll('taps'))
      .catch((): KeptTap[] => []);

    return [...stored, ...inMemory.values()].sort((a, b) => a.tap.at - b.tap.at || (a.id < b.id ? -1 : 1));
  },

  async keepTaps(taps: KeptTap[]): Promise<void> {
    try {
      const writing = (await database()).transaction('taps', 'readwrite');
      await Promise.all([...taps.map((tap) => writing.store.put(tap)), writing.done]);
    } catch {
      taps.forEach((tap) => inMemory.set(tap.id, tap));
    }
  },

  async dropTaps(ids: string[]): Promise<void> {
    ids.forEach((id) => inMemory.delete(id));
    await database()
      .then(async (db) => {
        const writing = db.transaction('taps', 'readwrite');
        await Promise.all([...ids.map((id) => writing.store.delete(id)), writing.done]);
      })
      .catch(() => undefined);
  },
};
