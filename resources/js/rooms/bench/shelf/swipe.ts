/** So far across, in pixels, and so little up or down, a finger means to go on. */
const [FAR, STRAIGHT] = [56, 40];

/** An attachment that tells of swipes with one finger: 1 to the left, as a page is turned on, -1 to the right. */
export const swiped =
  (tell: (by: -1 | 1) => void) =>
  (element: Element): (() => void) => {
    let from: { x: number; y: number } | null = null;
    const begin = (event: Event) => {
      const { touches } = event as TouchEvent;
      const [finger] = touches;
      const isOnGrip = event.target instanceof Element && event.target.closest('[data-grip]') !== null;
      from =
        touches.length === 1 && finger !== undefined && !isOnGrip
          ? { x: finger.clientX, y: finger.clientY }
          : null;
    };
    const end = (event: Event) => {
      const finger = (event as TouchEvent).changedTouches[0];
      if (from === null || finger === undefined) {
        return;
      }
      const [across, down] = [finger.clientX - from.x, finger.clientY - from.y];
      from = null;
      if (Math.abs(across) >= FAR && Math.abs(down) <= STRAIGHT) {
        event.preventDefault();
        tell(across < 0 ? 1 : -1);
      }
    };
    element.addEventListener('touchstart', begin, { passive: true });
    element.addEventListener('touchend', end);

    return () => {
      element.removeEventListener('touchstart', begin);
      element.removeEventListener('touchend', end);
    };
  };
