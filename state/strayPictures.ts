import { instantOf } from '@core/journal';
import { DAY } from '@core/measure';

import { selectLog, selectNow } from './selectors';
import { type Dispatch, type RootState } from './store';

/** A picture that was taken back stays for so long, for a change of mind. */
const STAYS = 30 * DAY;

/** Drops pictures that nothing speaks of any more, since all that did was taken back a month ago and longer. */
export const strayPicturesDropped =
  () =>
  async (_: Dispatch, getState: () => RootState): Promise<void> => {
    const state = getState();
    const { name, events } = state.kitchen;
    const live = new Set(
      selectLog(state)
        .of('pictured')
        .map(({ picture }) => picture),
    );
    const gone = events.filter((event) => event.kind === 'pictured').filter(({ picture }) => !live.has(picture)); // oxfmt-ignore
    if (gone.length === 0) return;
    const takenBack = new Map<string, number>();
    for (const event of events)
      if (event.kind === 'withdrew')
        for (const id of event.entries)
          takenBack.set(id, Math.max(takenBack.get(id) ?? -Infinity, instantOf(event)));
    const long = (id: string) => selectNow(state) - (takenBack.get(id) ?? Infinity) > STAYS;
    const stays = new Set(gone.filter(({ id }) => !long(id)).map(({ picture }) => picture));
    const { dropPicture } = await import('./door/pictures');
    for (const { picture } of gone) if (!stays.has(picture)) await dropPicture(name, picture);
  };
