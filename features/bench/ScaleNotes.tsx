import { StyleSheet, View } from 'react-native';

import { type Portion, cupsText, flourByKind, measureError } from '@core/bench';
import { type Settings, type Standing, flourChange, contentOf } from '@core/journal';
import { type Ingredient, mainFlour } from '@core/measure';
import { waterBack } from '@core/rescue';
import { WANTED_MIX_CELSIUS } from '@core/verbs';
import { Button, Words } from '@kit';
import { selectSettings, useAppSelector } from '@state';

import { FLOUR_WORDS, blendWords, useKitchenWords } from '../words';
import { listed } from '../words/listed';
import { type Bench, portionsOf } from './useBench';

export const PORTION_TITLES = { keep: 'Keep', water: 'Water', flour: 'Flour' } as const;

/** What a cup is filled with for a portion: the main flour of the jar, water, or the starter itself. */
export function ingredientOf(portion: Portion, { flour }: Bench): Ingredient {
  if (portion === 'water') return 'water';
  if (portion === 'keep') return 'starter';
  return mainFlour(flour);
}

/** What to know at a portion: what the scale should read, what an overshoot changes, the water's warmth, the flours. */
export function ScaleNotes({
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
  const { draft } = bench;
  const { water } = bench.chosen;
  const { card } = standing.jar;
  const { cups, cleanJar, water: source } = useAppSelector(selectSettings);
  const notes: string[] = [];
  if (cups) {
    const ingredient = ingredientOf(portion, bench);
    const off = Math.round(100 * measureError(ingredient));
    notes.push(
      `About ${cupsText(wanted, ingredient)}; measured by volume it can easily be ${off} % off.`,
    );
  }
  if (draft.weighing === 'inJar')
    notes.push(
      `${words.grams(wanted)} of ${portion}, on ${Math.round(card.vessel.emptyG)} g of jar${before > 0 ? ` and ${Math.round(before)} g in it` : ''}.`,
    );
  const slip = slipWords(bench, portion);
  if (portion === 'water' && !water)
    notes.push('Straight from the tap: it goes into the cold soon.');
  if (portion === 'water' && water)
    notes.push(
      water.celsius >= 40
        ? `As warm as is safe, ${words.celsius(40)}: the mix comes to ${words.celsius(water.reached)}.`
        : `${warmth(water.celsius)}, ${words.celsius(water.celsius)}, for a ${words.celsius(WANTED_MIX_CELSIUS)} mix.`,
    );
  if (portion === 'water' && waterBack(standing.jar, draft.keepG) > 0)
    notes.push(
      `With ${waterBack(standing.jar, draft.keepG)} g for the ${Math.round(standing.jar.pouredG)} g of liquid that you poured off.`,
    );
  if (portion === 'water' && source === 'tap')
    notes.push('If it smells of chlorine: filtered, or stood overnight.');
  if (portion === 'flour') {
    const change = flourChange(standing.jar);
    if (draft.other) notes.push(`${blendWords(bench.flour)}, this time.`);
    else if (change)
      notes.push(
        `Feed ${change.done + 1} of ${change.of} on the way to ${blendWords(card.change!.to)}.`,
      );
    const kinds = flourByKind(wanted, bench.flour);
    if (bench.tub) {
      const stays = Math.round(bench.tub.grams - wanted);
      const low = stays >= 0 && stays <= bench.tub.lowG;
      notes.push(
        `Out of the tub ${bench.tub.name}${low ? `, which then runs low: ${words.grams(stays)} stay` : ''}.`,
      );
    } else if (kinds.length > 1)
      notes.push(kinds.map(({ kind, grams }) => `${grams} g ${FLOUR_WORDS[kind]}`).join(' + '));
  }
  if (portion === 'keep' && contentOf(standing.jar).massG + 0.5 < draft.keepG)
    notes.push(
      `By the log there are only ${words.grams(contentOf(standing.jar).massG)} in the jar: use what is there, scraped off the sides too. The water and flour will follow.`,
    );
  if (portion === 'keep' && cleanJar === 'eachFeed') notes.push('Into a clean jar.');
  if (portion === 'keep')
    notes.push('Look before stirring. Fuzz, or pink or orange streaks: throw it all out.');
  return (
    <View style={styles.stack}>
      {slip && <SlipNote bench={bench} text={slip} />}
      {notes.map((note) => (
        <Words key={note} tone="quiet">
          {note}
        </Words>
      ))}
    </View>
  );
}

/** A portion that came out otherwise, and whether the rest follows it. */
function SlipNote({ bench, text }: { readonly bench: Bench; readonly text: string }) {
  const follows = bench.afterSlip === 'follows';
  return (
    <>
      <Words tone="quiet">{text}</Words>
      <View style={styles.atEdge}>
        <Button
          kind="bare"
          onPress={() => bench.change({ afterSlip: follows ? 'asPlanned' : 'follows' })}
        >
          {follows ? 'Leave the rest as planned' : 'Let the rest follow'}
        </Button>
      </View>
    </>
  );
}

/** "Kept 27 instead of 25: water and flour follow." */
function slipWords(bench: Bench, portion: Portion): string | null {
  const { draft } = bench;
  const order = portionsOf(draft.order);
  const previous = order[order.indexOf(portion) - 1];
  if (!previous) return null;
  const landed = draft.landed[previous];
  const asked = bench.wantedAfter(order.slice(0, order.indexOf(previous)))[`${previous}G`];
  if (landed === undefined || Math.round(landed) === Math.round(asked)) return null;
  const rest = listed(order.slice(order.indexOf(portion)));
  const what = previous === 'keep' ? 'Kept' : `${PORTION_TITLES[previous]}`;
  const many = rest.includes(' and ');
  return bench.afterSlip === 'follows'
    ? `${what} ${landed} instead of ${asked}: ${rest} ${many ? 'follow' : 'follows'}.`
    : `${what} ${landed} instead of ${asked}: ${rest} ${many ? 'stay' : 'stays'} as planned.`;
}

function warmth(celsius: number): string {
  if (celsius < 15) return 'Cold';
  if (celsius < 24) return 'Cool';
  return celsius < 32 ? 'Lukewarm' : 'Warm';
}

/** How far what landed is from what was wanted. */
export function toGo(
  wanted: number,
  really: number | null,
  portion: Portion,
  order: readonly Portion[],
  afterSlip: Settings['afterSlip'],
): string {
  if (really === null || Number.isNaN(really)) return 'Leave it empty if it is spot on.';
  const rest = listed(order.slice(order.indexOf(portion) + 1));
  const left = Math.round(wanted - really);
  if (left > 0) return `${left} g to go.`;
  if (left === 0) return 'Spot on.';
  if (rest)
    return afterSlip === 'follows'
      ? `${-left} g over. That is fine: ${rest} will follow.`
      : `${-left} g over. That is fine.`;
  return portion === 'flour'
    ? `${-left} g over: a little stiffer. Take some off the top, or leave it.`
    : `${-left} g over: a little runnier.`;
}

const styles = StyleSheet.create({
  stack: { gap: 2 },
  atEdge: { alignItems: 'flex-start', marginLeft: -8, marginVertical: -4 },
});
