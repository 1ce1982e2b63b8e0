import { useEffect, useState } from 'react';

import { type Proposal } from '@core/picture';
import { letGo, pictureUrl } from '@kit';
import { useAppDispatch } from '@state';
import { type ReadPicture, pictureRead } from '@state/pictures';

import { chooseFiles } from '../parts/chooseFile';
import { type Mark } from './MarkedPicture';

/** A picture that is being read: where its marks stand, and when it was taken. */
export interface PictureAtHand extends Omit<ReadPicture, 'proposal'> {
  readonly url: string;
  /** Heights of the marks, shares of the picture from its top. */
  readonly marks: Readonly<Record<Mark, number>>;
  readonly leanDeg: number;
  /** Whether the marks stand where they were proposed. */
  readonly proposed: boolean;
}

/** Where the marks wait for somebody to move them, when none could be proposed. */
const WAITING = { foot: 0.86, band: 0.62, surface: 0.4 } as const;

const asShares = ({ marks }: Proposal, height: number) => ({
  foot: marks.foot.y / height,
  band: marks.band.y / height,
  surface: marks.surface.y / height,
});

/** Pictures of one rise that were chosen, the oldest first. */
export function usePicturesRead() {
  const dispatch = useAppDispatch();
  const [readings, setReadings] = useState<readonly PictureAtHand[]>([]);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const urls = readings.map(({ url }) => url).join(' ');
  useEffect(() => () => urls.split(' ').filter(Boolean).forEach(letGo), [urls]);
  const choose = async () => {
    setProblem(null);
    const files = await chooseFiles(['image/*']);
    if (files.length === 0) return;
    setBusy(true);
    const found: PictureAtHand[] = [];
    for (const file of files) {
      const read = await dispatch(pictureRead(file));
      if ('problem' in read) {
        setProblem(files.length > 1 ? `${file.name}: ${read.problem}` : read.problem);
        continue;
      }
      const { proposal, ...rest } = read;
      found.push({
        ...rest,
        url: pictureUrl(read.picture),
        marks: proposal ? asShares(proposal, read.height) : WAITING,
        leanDeg: proposal?.leanDeg ?? 0,
        proposed: proposal !== null,
      });
    }
    setReadings(found.sort((a, b) => (a.takenAt ?? 0) - (b.takenAt ?? 0)));
    setBusy(false);
  };
  const change = (i: number, to: Partial<PictureAtHand>) =>
    setReadings((all) => all.map((one, at) => (at === i ? { ...one, ...to } : one)));
  return { readings, busy, problem, choose, change };
}
