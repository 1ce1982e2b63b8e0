import { type WhatNext } from '@core/next';

/** Where it is done what is next for a jar, or where more of it stands. */
export function nextPath({ jar, because }: WhatNext) {
  switch (because.is) {
    case 'quarantined':
      return '/larder' as const;
    case 'programme':
      return `/jar/${jar}/programme` as const;
    case 'wish':
      return '/plan' as const;
    case 'feed':
      return because.reason === 'neglected'
        ? (`/trouble?jar=${jar}` as const)
        : (`/jar/${jar}` as const);
    case 'build':
      return `/jar/${jar}/feed` as const;
    case 'dough':
    case 'plan':
    case 'rests':
    case 'move':
      return `/jar/${jar}` as const;
  }
}
