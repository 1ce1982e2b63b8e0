import { type FullGestureState } from '@use-gesture/vanilla';
import { type RefObject, useEffect, useEffectEvent, useRef } from 'react';
import { type View } from 'react-native';

/** A point in the window, pixels. */
export interface PagePoint {
  readonly x: number;
  readonly y: number;
}

/** What is done with a thing that is held. */
export interface Hold<Held> {
  /** It is taken hold of. Returns what of it is to be remembered while it is held. */
  readonly onHold: (at: PagePoint) => Held;
  /** It was moved by so much since it was taken hold of. */
  readonly onDrag: (held: Held, by: PagePoint, at: PagePoint) => void;
  /**
   * It is let go of, where it came to: what the last move has set need not have been drawn by then. Null where the browser
   * took the finger for something else.
   */
  readonly onLetGo?: (
    held: Held,
    to: { readonly by: PagePoint; readonly at: PagePoint } | null,
  ) => void;
}

/**
 * Something that is dragged by a finger or a mouse. Keys are its own affair: they differ from thing to thing. The library
 * that knows about fingers is fetched by the first of them, a moment after it is drawn: the first page need not carry it.
 *
 * @returns what it is fastened to
 */
export function useHold<Held>({ onHold, onDrag, onLetGo }: Hold<Held>): RefObject<View | null> {
  const ref = useRef<View>(null);
  const onMove = useEffectEvent(
    ({ first, last, canceled, movement, xy, memo }: Omit<FullGestureState<'drag'>, 'event'>) => {
      const at = pointOf(xy);
      const held = first ? onHold(at) : (memo as Held);
      const by = pointOf(movement);
      if (canceled) onLetGo?.(held, null);
      else {
        if (!first) onDrag(held, by, at);
        if (last) onLetGo?.(held, { by, at });
      }
      return held;
    },
  );
  useEffect(() => {
    let drag: { readonly destroy: () => void } | null = null;
    let gone = false;
    void import('@use-gesture/vanilla').then(({ DragGesture }) => {
      if (gone || !ref.current) return;
      drag = new DragGesture(ref.current as unknown as HTMLElement, (state) => onMove(state), {
        pointer: { keys: false },
        eventOptions: { passive: true },
      });
    });
    return () => {
      gone = true;
      drag?.destroy();
    };
  }, []);
  return ref;
}

const pointOf = ([x, y]: readonly [number, number]): PagePoint => ({ x, y });
