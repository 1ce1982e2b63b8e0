import { type Href } from 'expo-router';
import { View } from 'react-native';

import { type Umbrella } from '@kit';

import { MarkRow } from './MarkRow';

/** A word about something that is not a feed, and where it leads. */
export interface Remark {
  readonly path: Href;
  readonly umbrella: Umbrella;
  readonly text: string;
}

/** Remarks under each other; nothing where there is none. */
export function RemarkList({
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
