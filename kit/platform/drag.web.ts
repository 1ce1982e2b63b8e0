import { useDrag } from '@use-gesture/react';
import { type RefObject, useRef } from 'react';
import { type View } from 'react-native';

/** A point in the window, pixels. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** What is done with a thing that is held. */
export interface Hold<Held> {
  /** It is taken hold of. Returns what of it is to be remembered while it is held. */
  readonly onHold: (at: Point) => Held;
  /** It was moved by so much since it was taken hold of. */
  readonly onDrag: (held: Held, by: Point, at: Point) => void;
  /** It is let go of; not `kept` where the browser took the finger for something else. */
  readonly onLetGo?: (held: Held, kept: boolean) => void;
}

/**
 * Something that is dragged by a finger or a mouse. Keys are its own affair: they differ from thing to thing.
 *
 * @returns what it is fastened to
 */
export function useHold<Held>({ onHold, onDrag, onLetGo }: Hold<Held>): RefObject<View | null> {
  const ref = useRef<View>(null);
  useDrag<PointerEvent>(
    ({ first, last, canceled, movement, xy, memo }) => {
      const at = pointOf(xy);
      const held = first ? onHold(at) : (memo as Held);
      if (canceled) onLetGo?.(held, false);
      else {
        if (!first) onDrag(held, pointOf(movement), at);
        if (last) onLetGo?.(held, true);
      }
      return held;
    },
    {
      target: ref as unknown as RefObject<EventTarget>,
      pointer: { keys: false },
      eventOptions: { passive: true },
    },
  );
  return ref;
}

const pointOf = ([x, y]: readonly [number, number]): Point => ({ x, y });
