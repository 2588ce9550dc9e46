/** The part of a browser that keeps a screen awake; missing in some. */
export type Waker = Pick<WakeLock, 'request'> | undefined;

/**
 * Keeps the screen awake until the returned function is called. The lock is lost when the page is hidden: it is asked for again
 * when it is seen.
 */
export function keepAwake(waker: Waker, page: Pick<Document, 'visibilityState'> & EventTarget): () => void {
  let lock: WakeLockSentinel | undefined;
  let isOver = false;
  const ask = async () => {
    if (page.visibilityState !== 'visible' || isOver) {
      return;
    }
    try {
      const got = await waker?.request('screen');
      if (isOver as boolean) {
        await got?.release();
      } else {
        lock = got;
      }
    } catch {
      // A battery that is nearly empty refuses it; painting goes on.
    }
  };
  const again = () => void ask();
  page.addEventListener('visibilitychange', again);
  void ask();

  return () => {
    isOver = true;
    page.removeEventListener('visibilitychange', again);
    void lock?.release();
  };
}
