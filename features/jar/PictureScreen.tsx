import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { volumeRise } from '@core/bench';
import { type Standing, hasHeights } from '@core/journal';
import { type RiseRead, marksAcross, riseFromMarks } from '@core/picture/marks';
import {
  PageTitle,
  Button,
  MomentField,
  Page,
  Panel,
  Slider,
  Words,
  bandVolume,
  useWide,
} from '@kit';
import { selectNow, selectStanding, useAppDispatch, useAppSelector } from '@state';
import { picturesLogged } from '@state/pictures';

import { NoSuchJar } from '../parts/NoSuchJar';
import { noHeightWords, riseWords, useKitchenWords } from '../words';
import { MarkedPicture } from './MarkedPicture';
import { type PictureAtHand, usePicturesRead } from './usePicturesRead';

/** A rise is read off a picture of the jar, or off several of one rise. */
export function PictureScreen({ id }: { readonly id: string }) {
  const standing = useAppSelector((state) => selectStanding(state, id));
  return (
    <Page title={standing ? `A picture of ${standing.jar.card.name}` : 'No such jar'} narrow>
      {standing ? <Pictures standing={standing} /> : <NoSuchJar />}
    </Page>
  );
}

/** A thumb or an arrow key sets a mark as near as this, share of the picture's height. */
const OFF_SHARE = 0.004;

/** The rise that the marks of a picture tell of, as a height in this jar. */
const riseOf = ({ marks, leanDeg, width, height }: PictureAtHand): RiseRead | null =>
  riseFromMarks(marksAcross(marks, leanDeg, { width, height }), OFF_SHARE * height);

function Pictures({ standing }: { readonly standing: Standing }) {
  const { jar } = standing;
  const words = useKitchenWords();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const { readings, busy, problem, choose, change } = usePicturesRead();
  const [times, setTimes] = useState<Readonly<Record<string, string>>>({});
  const [objection, setObjection] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const { vessel } = jar.card;
  const fill = bandVolume(jar);
  const timeOf = (reading: PictureAtHand) =>
    times[reading.url] ?? words.fieldText(reading.takenAt ?? now);
  const rises = readings.map(riseOf);
  const log = async () => {
    setSaving(true);
    const found = await dispatch(
      picturesLogged(
        jar.id,
        readings.flatMap((reading, i) => {
          const rise = rises[i];
          if (!rise) return [];
          const typed = timeOf(reading);
          // The field has minutes only: untouched, the second stays.
          const at =
            times[reading.url] === undefined && reading.takenAt === null
              ? null
              : words.instantOf(typed);
          return [{ ...reading, at, rise: volumeRise(vessel, fill, rise.height) }];
        }),
        readings.length === 1
          ? 'The look and its picture are logged'
          : `${readings.length} looks are logged`,
      ),
    );
    setSaving(false);
    setObjection(found);
    if (found === null) router.navigate(`/jar/${jar.id}`);
  };
  const title = (
    <PageTitle back={{ to: `/jar/${jar.id}`, name: jar.card.name }}>Read a picture</PageTitle>
  );
  if (!hasHeights(jar))
    return (
      <>
        {title}
        <Words>{noHeightWords(jar)}</Words>
      </>
    );
  return (
    <>
      {title}
      <Words tone="quiet">
        Hold the camera level with the band, the jar in the middle. The marks are a proposal: put
        each where it belongs. Several pictures of one rise become a look each, at the hour each was
        taken. They stay on this device.
      </Words>
      <Button
        kind={readings.length > 0 ? 'plain' : 'main'}
        disabled={busy}
        onPress={() => void choose()}
      >
        {busy ? 'Reading …' : readings.length > 0 ? 'Choose others' : 'Choose one or several'}
      </Button>
      {problem !== null && (
        <Words tone="beet" live>
          {problem}
        </Words>
      )}
      {readings.map((reading, i) => (
        <OnePicture
          key={reading.url}
          reading={reading}
          nth={readings.length > 1 ? i + 1 : null}
          rise={rises[i] ?? null}
          toVolume={(height) => volumeRise(vessel, fill, height)}
          time={timeOf(reading)}
          onTime={(text) => setTimes({ ...times, [reading.url]: text })}
          onChange={(to) => change(i, to)}
        />
      ))}
      {objection !== null && (
        <Words tone="beet" live>
          {objection}
        </Words>
      )}
      {readings.length > 0 && (
        <Button
          kind="main"
          big
          disabled={saving || rises.some((rise) => rise === null)}
          onPress={() => void log()}
        >
          {readings.length === 1 ? 'Log this look' : `Log ${readings.length} looks`}
        </Button>
      )}
    </>
  );
}

/** As wide as there is room for on any telephone. */
const WIDTH = 296;
const WIDER = 420;

function OnePicture({
  reading,
  nth,
  rise,
  toVolume,
  time,
  onTime,
  onChange,
}: {
  readonly reading: PictureAtHand;
  /** Which of several it is. */
  readonly nth: number | null;
  readonly rise: RiseRead | null;
  readonly toVolume: (height: number) => number;
  readonly time: string;
  readonly onTime: (text: string) => void;
  readonly onChange: (to: Partial<PictureAtHand>) => void;
}) {
  const wide = useWide();
  const width = wide ? WIDER : WIDTH;
  const { url, marks, leanDeg, proposed } = reading;
  const title = nth === null ? 'The picture' : `Picture ${nth}`;
  const pct = rise ? Math.round(100 * rise.error) : 0;
  const volume = rise ? toVolume(rise.height) : 0;
  return (
    <Panel label={title}>
      {nth !== null && (
        <Words size="title" level={2}>
          {title}
        </Words>
      )}
      {!proposed && (
        <Words tone="crust">
          The band cannot be made out here. Put the marks where they belong.
        </Words>
      )}
      <View style={styles.middle}>
        <MarkedPicture
          url={url}
          label={title}
          width={width}
          height={(width * reading.height) / reading.width}
          marks={marks}
          onMark={(mark, to) => onChange({ marks: { ...marks, [mark]: to }, proposed: true })}
        />
      </View>
      <Slider
        label="The jar leans"
        value={leanDeg}
        low={-20}
        high={20}
        step={1}
        text={
          leanDeg === 0
            ? 'not at all'
            : `${Math.abs(leanDeg)}° to the ${leanDeg > 0 ? 'right' : 'left'}`
        }
        onValue={(to) => onChange({ leanDeg: to })}
      />
      <Words strong live>
        {rise
          ? `${riseWords(rise.height)}, give or take ${pct} %${Math.abs(volume - rise.height) > 0.03 ? `; by volume ${riseWords(volume)}` : ''}`
          : 'The surface is above the band or a little below it, the floor below both.'}
      </Words>
      <MomentField label="Taken at" text={time} onText={onTime} />
    </Panel>
  );
}

const styles = StyleSheet.create({
  middle: { alignItems: 'center' },
});
