/** Is this a box that is written or chosen in? There a letter is a letter, and no shortcut. */
export const isWriting = (target: EventTarget | null): boolean =>
  target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement;
