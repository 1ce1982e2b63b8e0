import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Between, SMELLS, type Standing, doubtOf } from '@core/journal';
import { look } from '@core/verbs';
import { heightRise, volumeRise } from '@core/bench';
import {
  bandVolume,
  Choice,
  Field,
  Notice,
  Panel,
  Button,
  Words,
  jarPicture,
  riseFromText,
  useRestingText,
} from '@kit';
import { byField, doneTo, useAppDispatch, withdrawEntries } from '@state';

import { SMELL_WORDS, riseWords, upWords, useKitchenWords } from '../words';
import { NOTHING_ELSE, type SeenFields, hasMore } from './seen';
import { MoreSeen } from './sheets';
import { SurfaceDrag } from './SurfaceDrag';

/** A height that contradicts the forecast: what was said, and what was expected. */
interface Doubted {
  readonly said: string;
  /** Against the band, as it was written down. */
  readonly height: number;
  readonly expected: Between;
}

/** Where is it now: drag the surface or type, add what else was seen, log it. */
export function LookPanel({
  standing,
  askSmell = false,
}: {
  readonly standing: Standing;
  /** Asks for the smell with the height. */
  readonly askSmell?: boolean;
}) {
  const { jar, moment } = standing;
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const [rise, setRise] = useState<string | null>(null);
  const [more, setMore] = useState(false);
  const [seen, setSeen] = useState<SeenFields>(NOTHING_ELSE);
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const [doubted, setDoubted] = useState<Doubted | null>(null);

  const { vessel } = jar.card;
  const fill = bandVolume(jar);
  const expectedHeight = heightRise(vessel, fill, moment.height);
  const expected = Math.round((expectedHeight - 1) * 100);
  const foretold = useRestingText(String(expected));
  const shown = rise ?? foretold.text;
  const pct = riseFromText(shown);
  const height = Number.isNaN(pct) ? expectedHeight : 1 + pct / 100;
  // Gas is reckoned by volume; in a tapered jar that is not what the height says.
  const volume = volumeRise(vessel, fill, height);
  const tapered = vessel.taper !== undefined && vessel.taper !== 1;
  const picture = jarPicture(standing);
  const tooHigh = picture.band * height > 1.02;

  const log = () => {
    const at = seen.at === '' ? standing.now : words.instantOf(seen.at);
    const measured = rise !== null || askSmell || !hasMore(seen);
    const objections = dispatch(
      doneTo(
        jar.id,
        (atHand) =>
          look(atHand, {
            at: seen.at === '' ? atHand.now : words.instantOf(seen.at),
            rise: measured ? volumeRise(vessel, fill, 1 + pct / 100) : undefined,
            ...(seen.streak.trim() === ''
              ? {}
              : { streak: volumeRise(vessel, fill, 1 + riseFromText(seen.streak) / 100) }),
            ...(seen.sign ? { sign: seen.sign } : {}),
            ...(seen.smell ? { smell: seen.smell } : {}),
            ...(seen.bubbles ? { bubbles: seen.bubbles } : {}),
            ...(seen.liquid ? { liquid: seen.liquid } : {}),
            ...(seen.floats === null ? {} : { floats: seen.floats }),
            note: seen.note,
          }),
        measured ? `Look logged: ${upWords(pct)}` : 'Look logged',
      ),
    );
    const found = byField(objections);
    setProblems(found);
    if (found.at || found.note || found.streak) setMore(true);
    if (objections.length > 0) return;
    const seenHeight = volumeRise(vessel, fill, 1 + pct / 100);
    const forecast = measured ? doubtOf(standing, seenHeight, at) : null;
    // Told as heights in this jar, as they were asked for.
    const inJar = (rise: number) => heightRise(vessel, fill, rise);
    setDoubted(
      forecast && {
        said: shown,
        height: seenHeight,
        expected: { low: inJar(forecast.low), high: inJar(forecast.high) },
      },
    );
    setRise(null);
    foretold.release();
    setSeen(NOTHING_ELSE);
    setMore(false);
  };

  return (
    <Panel label="Log a look">
      {doubted && (
        <Notice
          title={`${upWords(riseFromText(doubted.said))}: is that right?`}
          actions={
            <>
              <Button onPress={() => setDoubted(null)}>Yes, it was so</Button>
              <Button
                kind="bare"
                onPress={() => {
                  const doubtful = jar.looks.findLast((one) => one.height === doubted.height);
                  if (doubtful) dispatch(withdrawEntries([doubtful.id], 'The look is taken back'));
                  setRise(doubted.said);
                  setDoubted(null);
                }}
              >
                No, take it back
              </Button>
            </>
          }
        >
          {`The forecast was ${riseWords(doubted.expected.low)} to ${riseWords(doubted.expected.high)} at that time. If you read it off the glass, it counts.`}
        </Notice>
      )}
      <View style={styles.row}>
        <SurfaceDrag
          picture={picture}
          height={height}
          onHeight={(to) => setRise(String(Math.round((to - 1) * 100)))}
        />
        <View style={styles.part}>
          <Words size="title" level={2}>
            Where is it now?
          </Words>
          <Words size="small" tone="quiet">
            Drag the surface to where you see it, or type it.
          </Words>
          <Field
            label="Rise above the band"
            text={shown}
            onText={setRise}
            onEnter={foretold.onEnter}
            onLeave={foretold.onLeave}
            numeric
            unit="%"
            problem={problems.rise ?? null}
            hint={
              tooHigh
                ? 'That is above the rim of this jar. If it really climbed out, log it.'
                : `${height.toFixed(1)} × the band${tapered ? `, in this jar ${volume.toFixed(1)} × the volume` : ''}`
            }
            onSubmit={log}
          />
        </View>
      </View>
      {askSmell && !more && (
        <Choice
          label="Smell"
          options={SMELLS.map((is) => ({ is, text: SMELL_WORDS[is] }))}
          chosen={seen.smell}
          onChoose={(is) => setSeen({ ...seen, smell: seen.smell === is ? null : is })}
        />
      )}
      {more && <MoreSeen seen={seen} onSeen={setSeen} problems={problems} />}
      <View style={styles.row8}>
        <Button kind="plain" grow onPress={log}>
          Log this look
        </Button>
        <Button
          kind="bare"
          onPress={() => {
            setMore(!more);
            setSeen({ ...seen, at: words.fieldText(standing.now) });
          }}
        >
          {more ? 'Less' : 'More'}
        </Button>
        <Button kind="bare" href={`/jar/${jar.id}/picture`}>
          Picture
        </Button>
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 16 },
  part: { flex: 1, gap: 8 },
  row8: { flexDirection: 'row', gap: 8 },
});
