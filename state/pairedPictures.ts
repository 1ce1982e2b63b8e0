import { MOST_PIECES, joined, piecesOf } from '@core/pairing';

import { pictureCame } from './picturesCame';
import { selectLog } from './selectors';
import { type Store } from './store';

/** What two devices say to each other of pictures. */
export type PictureMessage =
  | { readonly is: 'wantPictures'; readonly pictures: readonly string[] }
  | {
      readonly is: 'picture';
      readonly picture: string;
      readonly piece: number;
      readonly of: number;
      readonly letters: string;
    }
  /** That was all there is of those that were wanted. */
  | { readonly is: 'thosePictures' };

/** So many are asked for at a time. */
const AT_ONCE = 8;

/** Pictures that entries name and this device has not got, from the other one. */
export interface PicturesOver {
  /** Asks for what is missing here, once for each while the line is up. */
  ask(): Promise<void>;
  hear(message: PictureMessage): Promise<void>;
  /** The line is up anew: what was asked for before may have been lost. */
  anew(): void;
}

/**
 * @param say sends a message to the other device; false where it did not go
 * @param told is told whether pictures are on their way
 */
export function picturesOver(
  store: Store,
  say: (message: PictureMessage) => Promise<boolean>,
  told: (onTheirWay: boolean) => void,
): PicturesOver {
  const { name } = store.getState().kitchen;
  const asked = new Set<string>();
  const coming = new Map<string, string[]>();
  let waits = false;

  const lacking = async () => {
    const { picturesHere } = await import('./door/pictures');
    const here = await picturesHere(name);
    const named = selectLog(store.getState()).of('pictured');
    return [...new Set(named.map(({ picture }) => picture))].filter((id) => !here.has(id));
  };
  const ask = async () => {
    if (waits) return;
    const pictures = (await lacking()).filter((id) => !asked.has(id)).slice(0, AT_ONCE);
    if (pictures.length === 0) return told(false);
    waits = await say({ is: 'wantPictures', pictures });
    if (waits) for (const id of pictures) asked.add(id);
  };
  const give = async (picture: string) => {
    const { readPicture } = await import('./door/pictures');
    const kept = await readPicture(name, picture);
    if (!kept) return;
    const pieces = piecesOf(new Uint8Array(await kept.arrayBuffer()));
    for (const [piece, letters] of pieces.entries())
      await say({ is: 'picture', picture, piece, of: pieces.length, letters });
  };
  const take = async ({ picture, piece, of, letters }: PictureMessage & { is: 'picture' }) => {
    if (!asked.has(picture) || !(of > 0 && of <= MOST_PIECES)) return;
    told(true);
    const pieces = coming.get(picture) ?? [];
    coming.set(picture, pieces);
    pieces[piece] = letters;
    if (Object.keys(pieces).length < of) return;
    coming.delete(picture);
    const { keepPicture } = await import('./door/pictures');
    const bytes = joined(pieces).slice();
    await keepPicture(name, picture, new Blob([bytes], { type: 'image/jpeg' }));
    pictureCame(picture);
  };
  return {
    ask,
    async hear(message) {
      if (message.is === 'picture') return take(message);
      if (message.is === 'wantPictures') {
        for (const picture of message.pictures.slice(0, AT_ONCE)) await give(picture);
        await say({ is: 'thosePictures' });
        return;
      }
      waits = false;
      await ask();
    },
    anew() {
      waits = false;
      asked.clear();
      coming.clear();
    },
  };
}
