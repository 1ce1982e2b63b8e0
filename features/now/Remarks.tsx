import {
  selectBackups,
  selectCopyDue,
  selectDrying,
  selectNow,
  selectTubs,
  selectWithoutBackup,
  useAppSelector,
} from '@state';

import { listed } from '../words/listed';
import { useJarName } from '../words/useJarName';
import { type Remark, RemarkList } from '../parts/RemarkList';

/** Flakes that may snap, backups to be made anew, tubs that run low, a copy to be made. */
export function Remarks() {
  return <RemarkList label="Also" remarks={useRemarks()} />;
}

function useRemarks(): readonly Remark[] {
  const now = useAppSelector(selectNow);
  const drying = useAppSelector(selectDrying);
  const backups = useAppSelector(selectBackups);
  const tubs = useAppSelector(selectTubs);
  const without = useAppSelector(selectWithoutBackup);
  const copyDue = useAppSelector(selectCopyDue);
  const nameOf = useJarName();
  const stale = backups.filter(({ renewBy }) => renewBy <= now).map(({ jar }) => nameOf(jar));
  return [
    ...drying
      .filter(({ snapsFrom }) => snapsFrom <= now)
      .map(({ jar }): Remark => ({
        path: '/larder',
        umbrella: 'furled',
        text: `${nameOf(jar)} lies drying: does it snap?`,
      })),
    ...(stale.length > 0
      ? [
          {
            path: '/larder' as const,
            umbrella: 'drooping' as const,
            text: `A backup of ${listed(new Set(stale))} is due for renewal`,
          },
        ]
      : []),
    ...(without.length > 0
      ? [
          {
            path: '/larder' as const,
            umbrella: 'furled' as const,
            text: `No backup yet of ${listed(without.map(nameOf))}`,
          },
        ]
      : []),
    ...tubs
      .filter(({ grams, lowG }) => grams <= lowG)
      .map(({ name }): Remark => ({
        path: '/larder',
        umbrella: 'drooping',
        text: `${name} runs low`,
      })),
    ...(copyDue
      ? [
          {
            path: '/settings' as const,
            umbrella: 'furled' as const,
            text: 'It is time to make a copy of the kitchen: it is only in this browser',
          },
        ]
      : []),
  ];
}
