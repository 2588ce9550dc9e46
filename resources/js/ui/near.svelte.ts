/** How far from the screen, in pixels, something counts as near. */
const MARGIN = '700px';

/** Whether an element has come near the screen yet; what is dear to draw waits for that. */
export class Near {
  is = $state(false);

  /** An attachment for the element to watch. */
  readonly watch = (element: Element) => {
    const observer = new IntersectionObserver(
      (entries) => {
        if (entries.some((entry) => entry.isIntersecting)) {
          this.is = true;
          observer.disconnect();
        }
      },
      { rootMargin: MARGIN },
    );
    observer.observe(element);

    return () => observer.disconnect();
  };
}
