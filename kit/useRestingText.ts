import { useState } from 'react';

/**
 * A text that follows the clock or a forecast, and rests while its field has the focus: nothing changes under a cursor.
 * Give `onEnter` and `onLeave` to the field; `release` lets it follow again before the field is left.
 */
export function useRestingText(text: string) {
  const [held, setHeld] = useState<string | null>(null);
  const release = () => setHeld(null);
  return { text: held ?? text, onEnter: () => setHeld(text), onLeave: release, release };
}
