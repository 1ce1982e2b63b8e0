import { type ReactNode, useState } from 'react';
import { View } from 'react-native';

import { type Landed, type Portion, flourByKind, portionFromScale, scaleTarget } from '@core/bench';
import { type Standing, weightObjections } from '@core/journal';
import { freshDensity } from '@core/measure';
import { Choice, Field, Pour, type PourLayer, Words, parseNumber } from '@kit';

import { FLOUR_WORDS, useKitchenWords } from '../words';
import { BenchPage } from './BenchPage';
import { KeepPanels } from './KeepPanels';
import { type Bench, portionsOf } from './useBench';

const TITLES = { keep: 'Keep', water: 'Water', flour: 'Flour' } as const;
/** Volume of flour and water in a mix, ml/g. */
const MIXED_ML = { water: 1, flour: 0.7 } as const;

/** One portion on the scale: the number to aim for, and what really landed. */
export function ScaleStep({
  header,
  bench,
  standing,
  portion,
  onBack,
  onDone,
}: {
  readonly header: ReactNode;
  readonly bench: Bench;
  readonly standing: Standing;
  readonly portion: Portion;
  readonly onBack: () => void;
  readonly onDone: (landed: Landed) => void;
}) {
  const { draft, amounts } = bench;
  const { emptyG } = standing.jar.card.vessel;
  const order = portionsOf(draft.order);
  const at = order.indexOf(portion);
  const gramsOf = (of: Portion) => amounts[`${of}G`];
  const before = order.slice(0, at).reduce((sum, of) => sum + gramsOf(of), 0);
  const landedEarlier = draft.landed[portion];
  const reading = (grams: number) => scaleTarget(draft.weighing, emptyG, before, grams);
  const [text, setText] = useState(
    landedEarlier === undefined ? '' : String(reading(landedEarlier)),
  );
  const [problem, setProblem] = useState<string | null>(null);

  const wanted = bench.wantedAfter(order.slice(0, at))[`${portion}G`];
  const typed = text.trim() === '' ? null : parseNumber(text);
  const really = typed === null ? wanted : portionFromScale(draft.weighing, emptyG, before, typed);

  const done = () => {
    const objection =
      portion === 'water' && really === 0 ? undefined : weightObjections(portion, really)[0];
    if (objection) {
      const low = draft.weighing === 'inJar' && typed !== null && really <= 0;
      return setProblem(
        low
          ? `The jar and what is in it already weigh ${Math.round(emptyG + before)} g. The scale should read more.`
          : objection.message,
      );
    }
    const landed: Landed = {
      ...Object.fromEntries(order.slice(0, at).map((of) => [of, gramsOf(of)])),
      [portion]: Math.round(really * 10) / 10,
    };
    onDone(landed);
  };

  return (
    <BenchPage onBack={onBack} onDone={done} doneText={`${TITLES[portion]} is in`}>
      {header}
      <View style={{ gap: 0 }}>
        <Words size="heading" level={1}>
          {TITLES[portion]}
        </Words>
        <BigGrams grams={reading(wanted)} />
        <Notes
          bench={bench}
          standing={standing}
          portion={portion}
          wanted={wanted}
          before={before}
        />
      </View>
      <View style={{ flexDirection: 'row', gap: 16 }}>
        <Pour
          layers={layersOf(bench, standing, portion, really)}
          flour={standing.jar.card.flour}
          width={156}
        />
        <View style={{ flex: 1, gap: 12 }}>
          <Field
            big
            label="Scale reads, grams"
            text={text}
            onText={(to) => {
              setText(to);
              setProblem(null);
            }}
            numeric
            placeholder={String(Math.round(reading(wanted)))}
            problem={problem}
            hint={toGo(wanted, typed === null ? null : really, portion, order)}
            onSubmit={done}
          />
          <Choice
            label="Scale"
            hideLabel
            options={[
              { is: 'tare' as const, text: 'Tare each' },
              { is: 'inJar' as const, text: 'With the jar' },
            ]}
            chosen={draft.weighing}
            onChoose={(weighing) => {
              setText('');
              bench.change({ weighing });
            }}
          />
        </View>
      </View>
      {portion === 'keep' && <KeepPanels bench={bench} standing={standing} />}
    </BenchPage>
  );
}

function BigGrams({ grams }: { readonly grams: number }) {
  return (
    <Words size="giant" style={{ letterSpacing: -3 }}>
      {Math.round(grams)}
      <Words size="number" style={{ letterSpacing: 0 }}>
        {' g'}
      </Words>
    </Words>
  );
}

function Notes({
  bench,
  standing,
  portion,
  wanted,
  before,
}: {
  readonly bench: Bench;
  readonly standing: Standing;
  readonly portion: Portion;
  readonly wanted: number;
  readonly before: number;
}) {
  const words = useKitchenWords();
  const { draft, water, wantedMixCelsius } = bench;
  const { card } = standing.jar;
  const notes: string[] = [];
  if (draft.weighing === 'inJar')
    notes.push(
      `${words.grams(wanted)} of ${portion}, on ${Math.round(card.vessel.emptyG)} g of jar${before > 0 ? ` and ${Math.round(before)} g in it` : ''}.`,
    );
  const overshoot = overshootWords(bench, portion);
  if (overshoot) notes.push(overshoot);
  if (portion === 'water')
    notes.push(
      water.celsius >= 40
        ? `As warm as is safe, ${words.celsius(40)}: the mix comes to ${words.celsius(water.reached)}.`
        : `${warmth(water.celsius)}, ${words.celsius(water.celsius)}, for a ${words.celsius(wantedMixCelsius)} mix.`,
    );
  if (portion === 'flour') {
    const kinds = flourByKind(wanted, card.flour);
    if (kinds.length > 1)
      notes.push(kinds.map(({ kind, grams }) => `${grams} g ${FLOUR_WORDS[kind]}`).join(' + '));
  }
  if (portion === 'keep')
    notes.push('Look before stirring. Fuzz, or pink and orange streaks: throw it all out.');
  return (
    <View style={{ gap: 2 }}>
      {notes.map((note) => (
        <Words key={note} tone="quiet">
          {note}
        </Words>
      ))}
    </View>
  );
}

/** "Kept 27 instead of 25: water and flour follow." */
function overshootWords(bench: Bench, portion: Portion): string | null {
  const { draft } = bench;
  const order = portionsOf(draft.order);
  const previous = order[order.indexOf(portion) - 1];
  if (!previous) return null;
  const landed = draft.landed[previous];
  const asked = bench.wantedAfter(order.slice(0, order.indexOf(previous)))[`${previous}G`];
  if (landed === undefined || Math.round(landed) === Math.round(asked)) return null;
  const rest = order.slice(order.indexOf(portion)).join(' and ');
  const what = previous === 'keep' ? 'Kept' : `${TITLES[previous]}`;
  return `${what} ${landed} instead of ${asked}: ${rest} ${rest.includes(' and ') ? 'follow' : 'follows'}.`;
}

function warmth(celsius: number): string {
  if (celsius < 15) return 'Cold';
  if (celsius < 24) return 'Cool';
  return celsius < 32 ? 'Lukewarm' : 'Warm';
}

function toGo(
  wanted: number,
  really: number | null,
  portion: Portion,
  order: readonly Portion[],
): string {
  if (really === null || Number.isNaN(really)) return 'Leave it empty when it is spot on.';
  const rest = order.slice(order.indexOf(portion) + 1).join(' and ');
  const left = Math.round(wanted - really);
  if (left > 0) return `${left} g to go.`;
  if (left === 0) return 'Spot on.';
  if (rest) return `${-left} g over. That is fine: ${rest} will follow.`;
  return portion === 'flour'
    ? `${-left} g over: a little stiffer. Lift some off the top, or leave it.`
    : `${-left} g over: a little runnier.`;
}

function layersOf(bench: Bench, standing: Standing, portion: Portion, really: number): PourLayer[] {
  const { capacityMl } = standing.jar.card.vessel;
  const order = portionsOf(bench.draft.order);
  const at = order.indexOf(portion);
  const wanted = bench.wantedAfter(order.slice(0, at));
  return order.map((kind, i) => {
    const grams = i === at && really > 0 ? really : wanted[`${kind}G`];
    const ml =
      kind === 'keep'
        ? grams / freshDensity(standing.jar.fedMix.hydrationPct)
        : grams * MIXED_ML[kind];
    return {
      kind,
      text: `${kind} ${Math.round(grams)} g${i > at ? ' next' : ''}`,
      share: ml / capacityMl,
      state: i < at ? 'in' : i === at ? 'now' : 'next',
    };
  });
}
