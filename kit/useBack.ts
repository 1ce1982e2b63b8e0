import { useEffect, useRef } from 'react';

import { onBack } from './platform/back.web';

/** While something lies over the page, or a page has gone on by some steps, Back takes that away first, one at a time. */
export function useBack(times: number, back: () => void): void {
  const newest = useRef(back);
  useEffect(() => {
    newest.current = back;
  });
  useEffect(() => (times > 0 ? onBack(times, () => newest.current()) : undefined), [times]);
}
