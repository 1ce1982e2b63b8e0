import { type Href } from 'expo-router';
import { View } from 'react-native';

import { type Umbrella } from '@kit';
import {
  selectBackups,
  selectCopyDue,
  selectDrying,
  selectNow,
  selectRuns,
  selectTubs,
  selectWithoutBackup,
  useAppSelector,
} from '@state';

import { useJarName } from '../words/useJarName';
import { PROGRAMME_WORDS, useKitchenWords } from '../words';
import { MarkRow } from './MarkRow';

/** A word about something that is not a feed, and where it leads. */
interface Remark {
  readonly path: Href;
  readonly umbrella: Umbrella;
  readonly text: string;
}

/** Flakes that may snap, backups to be made anew, tubs that run low, a copy to be made. */
export function Remarks() {
  return <RemarkList label="Also" remarks={useRemarks()} />;
}

/** Jars that a programme brings back, wakes or begins. */
export function Runs() {
  return <RemarkList label="Under way" remarks={useRunRemarks()} />;
}

function RemarkList({
  label,
  remarks,
}: {
  readonly label: string;
  readonly remarks: readonly Remark[];
}) {
  if (remarks.length === 0) return null;
  return (
    <View role="region" aria-label={label}>
      {remarks.map(({ path, umbrella, text }, i) => (
        <MarkRow key={text} umbrella={umbrella} text={text} path={path} first={i === 0} />
      ))}
    </View>
  );
}

const UMBRELLA = { well: 'open', useBackup: 'drooping', going: 'opening' } as const;

function useRunRemarks(): readonly Remark[] {
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  return useAppSelector(selectRuns).map(({ jar, run, next }): Remark => ({
    path: `/jar/${jar.id}/programme`,
    umbrella: UMBRELLA[run.verdict],
    text: {
      well: `${jar.card.name} is well again`,
      useBackup: `${jar.card.name} has had its time: see what to do`,
      going: `${jar.card.name} is being ${PROGRAMME_WORDS[run.programme.id].doing}, day ${run.day}: ${
        next.at <= now ? 'feed it now' : `next feed ${words.moment(next.at)}`
      }`,
    }[run.verdict],
  }));
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
            path: '/larder',
            umbrella: 'drooping' as const,
            text: `A backup of ${[...new Set(stale)].join(' and ')} is to be made anew`,
          },
        ]
      : []),
    ...(without.length > 0
      ? [
          {
            path: '/larder',
            umbrella: 'furled' as const,
            text: `No backup yet of ${without.map(nameOf).join(' and ')}`,
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
            path: '/settings',
            umbrella: 'furled' as const,
            text: 'It is time for a copy of the kitchen: all of it is in this browser only',
          },
        ]
      : []),
  ];
}
