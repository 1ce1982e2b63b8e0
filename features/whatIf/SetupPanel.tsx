import { type Condition, type DayTemperature } from '@core/ferment';
import { type Blend, FLOUR_KINDS, mainFlour } from '@core/measure';
import { SETUP_LIMITS, type Setup } from '@core/whatIf';
import { Choice, Panel, Slider, Words } from '@kit';

import { FLOUR_WORDS, type KitchenWords, blendWords, useKitchenWords } from '../words';

const RHYTHMS = [8, 12, 24, 48, 72, 168] as const;
const OUT = [null, 0, 1, 2, 4] as const;
const FROM: readonly { readonly is: Condition; readonly text: string }[] = [
  { is: 'ripe', text: 'ripe' },
  { is: 'hungry', text: 'hungry' },
  { is: 'neglected', text: 'neglected' },
  { is: 'new', text: 'flour and water' },
];

/** One way of keeping a starter, everything about it to be slid and chosen. */
export function SetupPanel({
  title,
  setup,
  onSetup,
}: {
  readonly title: string;
  readonly setup: Setup;
  readonly onSetup: (setup: Setup) => void;
}) {
  const words = useKitchenWords();
  const set = (to: Partial<Setup>) => onSetup({ ...setup, ...to });
  const flourG = setup.keepG * setup.parts;
  return (
    <Panel label={title}>
      <Words size="title" level={2}>
        {title}
      </Words>
      <Choice
        label={`Flour${isPure(setup.flour) ? '' : `: ${blendWords(setup.flour)}`}`}
        options={FLOURS.map((is) => ({ is, text: FLOUR_WORDS[is] }))}
        chosen={isPure(setup.flour) ? mainFlour(setup.flour) : null}
        onChoose={(kind) => set({ flour: { [kind]: 1 } })}
      />
      <Slider
        label="Flour to 1 of keep"
        value={setup.parts}
        low={0.5}
        high={12}
        step={0.5}
        text={words.feed({
          keepG: setup.keepG,
          flourG,
          waterG: (flourG * setup.hydrationPct) / 100,
        })}
        onValue={(parts) => set({ parts })}
      />
      <Slider
        label="Hydration"
        value={setup.hydrationPct}
        low={SETUP_LIMITS.hydrationPct[0]}
        high={150}
        step={5}
        text={`${Math.round(setup.hydrationPct)} %`}
        onValue={(hydrationPct) => set({ hydrationPct })}
      />
      <Warmth
        temperature={setup.temperature}
        onTemperature={(temperature) => set({ temperature })}
        words={words}
      />
      <Choice
        label="Fed every"
        options={withOwn(RHYTHMS, setup.everyH).map((is) => ({ is, text: words.span(is) }))}
        chosen={setup.everyH}
        onChoose={(everyH) => set({ everyH })}
      />
      <Choice
        label="After a feed"
        options={withOwn(OUT, setup.outH).map((hours) => ({
          is: String(hours),
          text:
            hours === null
              ? 'it stays out'
              : hours === 0
                ? 'into the fridge'
                : `fridge after ${words.span(hours)}`,
        }))}
        chosen={String(setup.outH)}
        onChoose={(hours) => set({ outH: hours === 'null' ? null : Number(hours) })}
      />
      <Choice
        label="At first it is"
        options={FROM}
        chosen={setup.from}
        onChoose={(from) => set({ from })}
      />
    </Panel>
  );
}

const FLOURS = FLOUR_KINDS.filter((kind) => kind !== 'strongWhite' && kind !== 'sifted');

const isPure = (flour: Blend) => Object.values(flour).filter((share) => share > 0).length === 1;

/** What is offered, and what a real jar or a link brought along. */
function withOwn<T extends number | null>(offered: readonly T[], own: T): readonly T[] {
  return offered.includes(own) ? offered : [...offered, own].sort((a, b) => (a ?? -1) - (b ?? -1));
}

/** Hours at which a temperature by the hour is set. */
const HOURS = [0, 6, 12, 18] as const;

function Warmth({
  temperature,
  onTemperature,
  words,
}: {
  readonly temperature: DayTemperature;
  readonly onTemperature: (temperature: DayTemperature) => void;
  readonly words: KitchenWords;
}) {
  const mean =
    temperature.kind === 'constant'
      ? temperature.celsius
      : temperature.kind === 'dayNight'
        ? temperature.day
        : temperature.points[0]![1];
  const degrees = (label: string, celsius: number, on: (celsius: number) => void) => (
    <Slider
      key={label}
      label={label}
      value={celsius}
      low={4}
      high={36}
      step={0.5}
      text={words.celsius(celsius)}
      onValue={on}
    />
  );
  return (
    <>
      <Choice
        label="The room is"
        options={[
          { is: 'constant' as const, text: 'the same all day' },
          { is: 'dayNight' as const, text: 'day and night' },
          { is: 'hourly' as const, text: 'by the hour' },
        ]}
        chosen={temperature.kind}
        onChoose={(kind) =>
          onTemperature(
            kind === 'constant'
              ? { kind, celsius: mean }
              : kind === 'dayNight'
                ? { kind, day: mean, night: Math.max(0, mean - 3), dayFrom: 7, nightFrom: 22 }
                : { kind, points: HOURS.map((hour) => [hour, mean] as const) },
          )
        }
      />
      {temperature.kind === 'constant' &&
        degrees('All day', temperature.celsius, (celsius) =>
          onTemperature({ ...temperature, celsius }),
        )}
      {temperature.kind === 'dayNight' && (
        <>
          {degrees(`From ${words.hour(temperature.dayFrom)}`, temperature.day, (day) =>
            onTemperature({ ...temperature, day }),
          )}
          {degrees(`From ${words.hour(temperature.nightFrom)}`, temperature.night, (night) =>
            onTemperature({ ...temperature, night }),
          )}
        </>
      )}
      {temperature.kind === 'hourly' &&
        temperature.points.map(([hour, celsius], i) =>
          degrees(`At ${words.hour(hour)}`, celsius, (to) =>
            onTemperature({
              ...temperature,
              points: temperature.points.map((point, at) => (at === i ? [hour, to] : point)),
            }),
          ),
        )}
    </>
  );
}
