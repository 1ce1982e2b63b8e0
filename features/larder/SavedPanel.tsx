import { useState } from 'react';

import { type MonthUse, leanerKeep, usesByMonth, usualKeep } from '@core/larder';
import { Choice, Panel, Words } from '@kit';
import { BarChart } from '@kit/BarChart';
import {
  selectJarEvents,
  selectJars,
  selectNow,
  selectLiveEvents,
  selectTime,
  selectTubs,
  useAppSelector,
} from '@state';

import { useKitchenWords } from '../words';
import { cameOutWords, kilos } from '../words/larderWords';
import { WeightNumber } from '../parts/WeightNumber';

const MONTHS = 6;
const PARTS = [
  { key: 'bakedG', name: 'baked', tone: 'canopy' },
  { key: 'keptG', name: 'kept as discard', tone: 'rain' },
  { key: 'compostedG', name: 'composted or fed', tone: 'leaf' },
  { key: 'wastedG', name: 'binned', tone: 'beet' },
] as const;

/** Used and saved: what was fed and where it went, month by month, and what a leaner keep would save. */
export function SavedPanel() {
  const words = useKitchenWords();
  const live = useAppSelector(selectLiveEvents);
  const time = useAppSelector(selectTime);
  const jars = useAppSelector(selectJars);
  const [jar, setJar] = useState('');
  const months = usesByMonth(live, time, (id) => jar === '' || id === jar).slice(-MONTHS);
  if (months.length === 0) return null;
  const sum = (key: keyof Omit<MonthUse, 'month'>) =>
    months.reduce((total, month) => total + month[key], 0);
  const short = new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' });
  return (
    <Panel label="Used and saved">
      <Words size="title" level={2}>
        Used and saved
      </Words>
      {jars.length > 1 && (
        <Choice
          label="Of"
          options={[
            { is: '', text: 'all jars' },
            ...jars.map(({ id: is, card }) => ({ is, text: card.name })),
          ]}
          chosen={jar}
          onChoose={setJar}
        />
      )}
      <Words>
        {`${kilos(sum('flourFedG'))} of flour fed since ${words.date(words.instantOf(`${months[0]!.month}-01T12:00`))}. ${cameOutWords(months) ?? ''}`.trim()}
      </Words>
      <Words size="small" tone="quiet">
        Starter taken out, grams by month
      </Words>
      <BarChart
        label="Starter taken out, by month"
        bars={months.map((month) => ({
          name: short.format(Date.parse(`${month.month}-01T00:00:00Z`)),
          parts: PARTS.map(({ key, name, tone }) => ({ name, tone, amount: month[key] })),
        }))}
        unit="g"
      />
      <Leaner key={jar} id={jar === '' ? (jars[0]?.id ?? '') : jar} />
    </Panel>
  );
}

/** A keep that is enough between bakes, and the least that can be weighed, grams. */
const LEAN_G = 15;
const LEAST_G = 5;

/** A leaner keep to begin with, grams. */
const leanerThan = (usualG: number) =>
  usualG > LEAN_G ? LEAN_G : Math.max(LEAST_G, Math.round(usualG / 2));

function Leaner({ id }: { readonly id: string }) {
  const events = useAppSelector((state) => selectJarEvents(state, id));
  const name = useAppSelector(selectJars).find((jar) => jar.id === id)?.card.name ?? '';
  const { tub } = useAppSelector(selectJars).find((jar) => jar.id === id)?.card ?? {};
  const price = useAppSelector(selectTubs).find((one) => one.id === tub)?.pricePerKg ?? null;
  const now = useAppSelector(selectNow);
  const words = useKitchenWords();
  const [typed, setKeepG] = useState<number | null>(null);
  const usualG = usualKeep(events);
  const keepG = typed ?? leanerThan(usualG ?? 0);
  const leaner = leanerKeep(events, keepG, now);
  if (!leaner || usualG === null || usualG <= LEAST_G) return null;
  return (
    <>
      <WeightNumber
        of="starter"
        label={`If ${name} had kept`}
        value={keepG}
        low={LEAST_G}
        high={200}
        onValue={setKeepG}
      />
      <Words strong>
        {keepG >= usualG
          ? `It usually keeps ${words.grams(usualG)}: a smaller keep saves flour.`
          : leaner.savedG < 100
            ? `A keep of ${words.grams(keepG)} instead of ${words.grams(usualG)} would save next to nothing.`
            : `A keep of ${words.grams(keepG)} instead of ${words.grams(usualG)} would save ${kilos(leaner.savedG)} of flour a year${price === null ? '' : `, which cost ${words.money((price * leaner.savedG) / 1000)}`}.`}
      </Words>
      <Words size="small" tone="quiet">
        Worked out from this log with the smaller keep, and all that went into bakes the same.
      </Words>
    </>
  );
}
