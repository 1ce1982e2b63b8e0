import { useSyncExternalStore } from 'react';

import { type Hub, hubNow, watchHub } from '@state/hub';

/** How it stands with the hub; the line is up while this is shown. */
export const useHub = (): Hub => useSyncExternalStore(watchHub, hubNow);
