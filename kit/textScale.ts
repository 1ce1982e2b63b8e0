import { createContext, useContext } from 'react';

/** How many times its usual size text has, as the browser is set. */
export const TextScaleContext = createContext(1);

export const useTextScale = (): number => useContext(TextScaleContext);

/** From this size of text on things stand under each other that stand side by side otherwise. */
export const LARGE_TEXT = 1.3;

/** What is large already grows less: it is read well at its size, and the words beside it need the room. */
const LARGE = 24;
const LARGE_GROWS = 0.5;
/** The number at the bench fills the page as it is. */
const GIANT = 60;

/** In a chart words stand close: what it says stands below it in words too. */
const DRAWN_GROWS = 1.3;

/** A size of type in a drawing, px, at a scale. */
export const drawnType = (size: number, scale: number): number =>
  size * Math.min(scale, DRAWN_GROWS);

/** A size of type, px, at a scale. */
export function scaledType(size: number, scale: number): number {
  if (size >= GIANT) return size;
  return Math.round(size * (size >= LARGE ? 1 + (scale - 1) * LARGE_GROWS : scale));
}
