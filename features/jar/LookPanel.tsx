import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { SMELLS, type Standing } from '@core/journal';
import { Button, Choice, Field, Notice, Panel, Words, riseFromText } from '@kit';

import { SMELL_WORDS, noHeightWords, riseWords, upWords } from '../words';
import { MoreSeen } from './sheets';
import { SurfaceDrag } from './SurfaceDrag';
import { type DoubtedHeight, useLooking } from './useLooking';

/** Where is it now: drag the surface or type, add what else was seen, log it. */
export function LookPanel({
  standing,
  askSmell = false,
}: {
  readonly standing: Standing;
  /** Asks for the smell with the height. */
  readonly askSmell?: boolean;
}) {
  const looking = useLooking(standing, askSmell);
  const { rise, setRise, height, volume, picture, seen, setSeen, problems, doubted } = looking;
  const [more, setMore] = useState(!looking.heights);
  const log = () => {
    const found = looking.log();
    // What is wrong must not stay folded away.
    if (found.at || found.note || found.streak) setMore(true);
    if (Object.keys(found).length === 0) setMore(!looking.heights);
  };
  return (
    <Panel label="Log a look">
      {doubted && (
        <DoubtNotice
          doubted={doubted}
          onRight={looking.isRight}
          onTakeBack={() => looking.takeBack(doubted)}
        />
      )}
      {looking.heights ? (
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
              text={rise}
              onText={setRise}
              {...looking.field}
              numeric
              unit="%"
              problem={problems.rise ?? null}
              hint={
                picture.band * height > ABOVE_RIM
                  ? 'That is above the rim of this jar. If it really climbed out, log it.'
                  : `${height.toFixed(1)} × the band${volume === null ? '' : `, in this jar ${volume.toFixed(1)} × the volume`}`
              }
              onSubmit={log}
            />
          </View>
        </View>
      ) : (
        <View style={styles.stack}>
          <Words size="title" level={2}>
            What do you see?
          </Words>
          <Words size="small" tone="quiet">
            {noHeightWords(standing.jar)}
          </Words>
        </View>
      )}
      {askSmell && !more && (
        <Choice
          label="Smell"
          options={SMELLS.map((is) => ({ is, text: SMELL_WORDS[is] }))}
          chosen={seen.smell}
          onChoose={(is) => setSeen({ ...seen, smell: seen.smell === is ? null : is })}
        />
      )}
      {more && (
        <MoreSeen seen={seen} onSeen={setSeen} problems={problems} heights={looking.heights} />
      )}
      <View style={styles.row8}>
        <Button kind="plain" grow onPress={log}>
          Log this look
        </Button>
        {looking.heights && (
          <>
            <Button kind="bare" onPress={() => setMore(!more)}>
              {more ? 'Less' : 'More'}
            </Button>
            <Button kind="bare" href={`/jar/${standing.jar.id}/picture`}>
              Picture
            </Button>
          </>
        )}
      </View>
    </Panel>
  );
}

/** So far up the jar, and it is over its rim by more than an eye is off. */
const ABOVE_RIM = 1.02;

/** Asks whether a height was meant that the forecast did not think of. */
function DoubtNotice({
  doubted: { said, expected },
  onRight,
  onTakeBack,
}: {
  readonly doubted: DoubtedHeight;
  readonly onRight: () => void;
  readonly onTakeBack: () => void;
}) {
  return (
    <Notice
      title={`${upWords(riseFromText(said))}: is that right?`}
      actions={
        <>
          <Button onPress={onRight}>Yes, it was so</Button>
          <Button kind="bare" onPress={onTakeBack}>
            No, take it back
          </Button>
        </>
      }
    >
      {`The forecast was ${riseWords(expected.low)} to ${riseWords(expected.high)} at that time. If you read it off the glass, it counts.`}
    </Notice>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 16 },
  stack: { gap: 4 },
  part: { flex: 1, gap: 8 },
  row8: { flexDirection: 'row', gap: 8 },
});
