import { useRouter } from 'expo-router';
import { useEffect } from 'react';

import { onSingleKey } from '@kit';
import { undoNotice, useAppDispatch } from '@state';

const PATHS = {
  n: '/',
  p: '/plan',
  l: '/larder',
  w: '/trouble',
  j: '/journal',
  h: '/help',
  s: '/settings',
  a: '/add',
} as const;

/** Single keys, outside fields and panels. */
export function Shortcuts({
  onFind,
  onHelp,
}: {
  readonly onFind: () => void;
  readonly onHelp: () => void;
}) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  useEffect(() => {
    return onSingleKey((key) => {
      if (key === '?') onHelp();
      else if (key === '/') onFind();
      else if (key === 'u') dispatch(undoNotice());
      else if (key in PATHS) router.navigate(PATHS[key as keyof typeof PATHS]);
    });
  }, [router, dispatch, onFind, onHelp]);
  return null;
}
