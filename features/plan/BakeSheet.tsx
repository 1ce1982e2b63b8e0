import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { gramsFromText } from '@core/bench';
import { DAY, HOUR, type Instant, type KitchenTime, instantAt } from '@core/measure';
import { wishBake } from '@core/verbs';
import { Choice, Field, MomentField, Button, Sheet, Words, parseNumber } from '@kit';
import {
  byField,
  done,
  selectJars,
  selectNow,
  selectTime,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { WEEKDAYS, againWords, useKitchenWords } from '../words';
import { Term } from '../parts/Term';
import { WeightField } from '../parts/WeightField';

/** A bake: how much ripe levain, from which jar, and when. Or loaves, and the levain follows from them. */
export function BakeSheet({ onClose }: { readonly onClose: () => void }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const jars = useAppSelector(selectJars);
  const time = useAppSelector(selectTime);
  const [jar, setJar] = useState(jars[0]!.id);
  const [by, setBy] = useState<'mass' | 'loaves'>('mass');
  const [grams, setGrams] = useState('150');
  const [loaves, setLoaves] = useState({ count: '2', flourG: '500', share: '15' });
  const [name, setName] = useState('');
  const [at, setAt] = useState(() => words.fieldText(nineInTheMorning(now, time)));
  const [width, setWidth] = useState(1);
  const [weeks, setWeeks] = useState(ONCE);
  const [anything, setAnything] = useState(false);
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});

  const hydration = jars.find(({ id }) => id === jar)!.card.ratio;
  // Inoculation is the share of the dough's flour that the levain brings.
  const fromLoaves =
    parseNumber(loaves.count) *
    gramsFromText(loaves.flourG, 'white') *
    (parseNumber(loaves.share) / 100) *
    (1 + hydration.water / hydration.flour);
  const levainG = Math.round(by === 'mass' ? gramsFromText(grams, 'starter') : fromLoaves);

  const add = () => {
    const middle = words.instantOf(at);
    const day = Number.isNaN(middle) ? '' : words.day(middle);
    const wish = {
      id: nanoid(),
      name: name.trim() || (weeks === ONCE ? `Bake of ${day}` : `${weekdayOf(middle, time)} bake`),
      jar,
      levainG,
      at: middle,
      widthH: width,
      weeks: weeks === ONCE ? null : weeks,
      anything,
    };
    const objections = dispatch(
      done(
        (clock) => wishBake(wish, clock),
        () =>
          `${wish.name} is wanted ${words.moment(middle)}${weeks === ONCE ? '' : `, and ${againWords(weeks)}`}`,
      ),
    );
    const { levainG: ofLevain, ...others } = byField(objections);
    setProblems({ ...others, ...(ofLevain ? { [by]: ofLevain } : {}) });
    if (objections.length > 0) return;
    onClose();
  };

  return (
    <Sheet title="Add a bake" onClose={onClose}>
      <Choice
        label="What it takes"
        options={[
          { is: false, text: 'ripe levain' },
          { is: true, text: 'discard, or what can be spared' },
        ]}
        chosen={anything}
        onChoose={setAnything}
      />
      <MomentField
        label={anything ? 'Wanted at' : 'Levain ripe at'}
        text={at}
        onText={setAt}
        problem={problems.at ?? null}
      />
      <Choice
        label="You may be early or late by"
        options={[
          { is: 0.5, text: 'half an hour' },
          { is: 1, text: 'an hour' },
          { is: 2, text: 'two hours' },
        ]}
        chosen={width}
        onChoose={setWidth}
      />
      <Choice
        label="Again"
        options={[
          { is: ONCE, text: 'only once' },
          { is: 1, text: 'every week' },
          { is: 2, text: 'every second week' },
          { is: 4, text: 'every fourth week' },
        ]}
        chosen={weeks}
        onChoose={setWeeks}
      />
      {jars.length > 1 && (
        <Choice
          label="From"
          options={jars.map(({ id: is, card }) => ({ is, text: card.name }))}
          chosen={jar}
          onChoose={setJar}
        />
      )}
      <Choice
        label="How much"
        options={[
          { is: 'mass' as const, text: 'grams of levain' },
          { is: 'loaves' as const, text: 'work it out from loaves' },
        ]}
        chosen={by}
        onChoose={setBy}
      />
      <Term of="levain" />
      {by === 'mass' ? (
        <WeightField
          label="Levain"
          text={grams}
          onText={setGrams}
          problem={problems.mass ?? null}
          onSubmit={add}
        />
      ) : (
        <>
          <View style={styles.row}>
            <Field
              label="Loaves"
              text={loaves.count}
              onText={(count) => setLoaves({ ...loaves, count })}
              numeric
            />
            <WeightField
              label="Flour each"
              text={loaves.flourG}
              onText={(flourG) => setLoaves({ ...loaves, flourG })}
            />
            <Field
              label="Inoculation"
              text={loaves.share}
              onText={(share) => setLoaves({ ...loaves, share })}
              numeric
              unit="%"
            />
          </View>
          <Words size="small" tone={problems.loaves ? 'beet' : 'quiet'}>
            {problems.loaves ??
              (levainG > 0
                ? `${words.grams(levainG)} of levain. 10 to 20 % of the flour is usual: less in summer, more in winter.`
                : 'Fill in all three.')}
          </Words>
        </>
      )}
      <Field
        label="Name, if it needs one"
        text={name}
        onText={setName}
        problem={problems.name ?? null}
      />
      <Button kind="main" onPress={add}>
        Add this bake
      </Button>
    </Sheet>
  );
}

const ONCE = 0;

/** What comes back is called after its day of the week. */
const weekdayOf = (at: Instant, time: KitchenTime): string =>
  WEEKDAYS[(new Date(at + time.offset(at)).getUTCDay() + 6) % 7] ?? 'Weekly';

/** Nine in the kitchen's morning, with a day and a half and more to build a levain. */
function nineInTheMorning(now: Instant, time: KitchenTime): Instant {
  const local = now + 1.5 * DAY + time.offset(now);
  return instantAt(Math.ceil(local / DAY) * DAY + 9 * HOUR, time);
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 12 },
});
