/** Whether a key belongs to what is typed into, or to a dialog, rather than to the room. */
export const isTyping = ({ target }: Event): boolean =>
  target instanceof Element &&
  target.closest('input, select, textarea, dialog, [role=dialog], [role=menu]') !== null;

/** Whether a key comes with another one that makes a command of the browser's of it. */
export const isCommand = ({ ctrlKey, metaKey, altKey }: KeyboardEvent): boolean =>
  ctrlKey || metaKey || altKey;
