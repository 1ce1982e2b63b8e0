import { useState } from 'react';
import { View } from 'react-native';

import { SMELLS, type Standing, objectionsTo } from '@core/journal';
import { heightRise, volumeRise } from '@core/bench';
import { bandVolume, Choice, Field, Panel, Button, Words, jarPicture, parseNumber } from '@kit';
import {
  type NewEvent,
  logEntries,
  selectJarEvents,
  selectNow,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { SMELL_WORDS, useKitchenWords } from '../words';
import { MoreSeen, NOTHING_ELSE, type Seen, hasMore } from './MoreSeen';
import { SurfaceDrag } from './SurfaceDrag';

const LOWEST = -80;
const HIGHEST = 900;

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
  const now = useAppSelector(selectNow);
  const earlier = useAppSelector((state) => selectJarEvents(state, jar.id));
  const [rise, setRise] = useState<string | null>(null);
  const [more, setMore] = useState(false);
  const [seen, setSeen] = useState<Seen>(NOTHING_ELSE);
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});

  const { vessel } = jar.card;
  const fill = bandVolume(jar);
  const expectedHeight = heightRise(vessel, fill, moment.height);
  const expected = Math.round((expectedHeight - 1) * 100);
  const shown = rise ?? String(expected);
  const pct = parseNumber(shown);
  const height = Number.isNaN(pct) ? expectedHeight : 1 + pct / 100;
  // Gas is reckoned by volume; in a tapered jar that is not what the height says.
  const volume = volumeRise(vessel, fill, height);
  const tapered = vessel.taper !== undefined && vessel.taper !== 1;
  const picture = jarPicture(standing);
  const tooHigh = picture.band * height > 1.02;

  const log = () => {
    const found: Record<string, string> = {};
    const measured = rise !== null || askSmell || !hasMore(seen);
    if (measured && !(pct >= LOWEST && pct <= HIGHEST))
      found.rise = `Give the rise as a number between ${LOWEST} and ${HIGHEST} %.`;
    const at = seen.at === '' ? now : words.instantOf(seen.at);
    const entry: Extract<NewEvent, { kind: 'looked' }> = {
      kind: 'looked',
      jar: jar.id,
      at: Number.isNaN(at) ? '' : new Date(at).toISOString(),
      ...(measured ? { height: Math.round(volume * 100) / 100 } : {}),
      ...(seen.sign ? { sign: seen.sign } : {}),
      ...(seen.smell ? { smell: seen.smell } : {}),
      ...(seen.bubbles ? { bubbles: seen.bubbles } : {}),
      ...(seen.liquid ? { liquid: seen.liquid } : {}),
      ...(seen.floats === null ? {} : { floats: seen.floats }),
      ...(seen.note.trim() ? { note: seen.note.trim() } : {}),
    };
    if (seen.note.length > 2000) found.note = 'That is a long note. Keep it under 2000 characters.';
    for (const { field, message } of objectionsTo({ ...entry, id: 'new' }, jar, earlier, now))
      found[field] = message;
    setProblems(found);
    if (found.at || found.note) setMore(true);
    if (Object.keys(found).length > 0) return;
    dispatch(logEntries([entry], measured ? `Look logged: ${shown} % up` : 'Look logged'));
    setRise(null);
    setSeen(NOTHING_ELSE);
    setMore(false);
  };

  return (
    <Panel label="Log a look">
      <View style={{ flexDirection: 'row', gap: 16 }}>
        <SurfaceDrag
          picture={picture}
          height={height}
          onHeight={(to) => setRise(String(Math.round((to - 1) * 100)))}
        />
        <View style={{ flex: 1, gap: 8 }}>
          <Words size="title" level={2}>
            Where is it now?
          </Words>
          <Words size="small" tone="quiet">
            Drag the surface to what you see, or type it.
          </Words>
          <Field
            label="Rise above the band"
            text={shown}
            onText={setRise}
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
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <Button kind="plain" grow onPress={log}>
          Log this look
        </Button>
        <Button
          kind="bare"
          onPress={() => {
            setMore(!more);
            setSeen({ ...seen, at: words.fieldText(now) });
          }}
        >
          {more ? 'Less' : 'More'}
        </Button>
      </View>
    </Panel>
  );
}
