import { gramsFromText } from '@core/bench';
import { type Instant } from '@core/measure';
import { BEGINNINGS } from '@core/rescue';
import { type NewJar } from '@core/verbs';
import { Choice, FieldRow, MomentField, Words, parseNumber } from '@kit';

import { useKitchenWords } from '../words';
import { WeightField } from '../parts/WeightField';
import { type JarForm } from './jarForm';

const DAY_H = 24;

/** How long ago it was fed, in bands that make a difference; hours. */
const GUESSED = {
  day: [12, 1.5 * DAY_H],
  days: [1.5 * DAY_H, 7 * DAY_H],
  weeks: [7 * DAY_H, 30 * DAY_H],
  months: [30 * DAY_H, 90 * DAY_H],
  longer: [90 * DAY_H, 365 * DAY_H],
  unknown: [2 * DAY_H, 60 * DAY_H],
} as const;

/** What a jar was fed last, as typed. */
interface LastFeed {
  readonly keep: string;
  readonly flour: string;
  readonly water: string;
}

/** The usual feed of a card, in whole grams as they would be typed; what cannot be read yet counts as 20 g, fed 1:4:4. */
function usualFeedOf(form: JarForm): LastFeed {
  const or = (given: number, usual: number) => (given > 0 ? given : usual);
  const keepG = or(gramsFromText(form.keepG, 'starter'), 20);
  const flourG = keepG * or(parseNumber(form.parts), 4);
  const waterG = (flourG * or(parseNumber(form.hydrationPct), 100)) / 100;
  const text = (grams: number) => String(Math.round(grams));
  return { keep: text(keepG), flour: text(flourG), water: text(waterG) };
}

/** Dried flakes and the water they are put into. */
const SOAK = BEGINNINGS.flakesInStages!;

type Guess = keyof typeof GUESSED;
type Past = 'fed' | Guess | 'dried';

const PASTS: readonly { readonly is: Past; readonly text: string }[] = [
  { is: 'fed', text: 'a feed I remember' },
  { is: 'day', text: 'about a day ago' },
  { is: 'days', text: 'some days ago' },
  { is: 'weeks', text: '1 to 4 weeks ago' },
  { is: 'months', text: '1 to 3 months ago' },
  { is: 'longer', text: 'longer ago' },
  { is: 'unknown', text: 'nobody knows' },
  { is: 'dried', text: 'it is dried flakes' },
];

/** What happened to a jar last, as typed. */
export interface PastForm {
  readonly past: Past;
  readonly fedAt: string;
  /** What was fed last follows the usual feed of the card, until it is typed. */
  readonly fed: Partial<LastFeed>;
  readonly mass: string;
  readonly flakes: string;
}

/** What happened to a jar last, as it is written down; flakes have no such past. */
export function pastFrom(
  { past, fedAt, fed: typed, mass }: PastForm,
  form: JarForm,
  instantOf: (text: string) => Instant,
): NewJar['past'] | null {
  if (past === 'dried') return null;
  if (past !== 'fed')
    return { kind: 'came', massG: gramsFromText(mass, 'starter'), unfedH: GUESSED[past] };
  const fed = { ...usualFeedOf(form), ...typed };
  return {
    kind: 'fed',
    at: instantOf(fedAt),
    keepG: gramsFromText(fed.keep, 'starter'),
    flourG: gramsFromText(fed.flour, form.flour),
    waterG: gramsFromText(fed.water, 'water'),
  };
}

/** When a jar was fed last, and with what; or that it is dried. */
export function PastFields({
  past: given,
  onPast,
  form,
  problems,
}: {
  readonly past: PastForm;
  readonly onPast: (past: PastForm) => void;
  /** Its card, as far as that is typed. */
  readonly form: JarForm;
  readonly problems: Readonly<Record<string, string>>;
}) {
  const words = useKitchenWords();
  const { past, fedAt, mass, flakes } = given;
  const set = (typed: Partial<PastForm>) => onPast({ ...given, ...typed });
  const fed = { ...usualFeedOf(form), ...given.fed };
  const setFed = (typed: Partial<LastFeed>) => set({ fed: { ...given.fed, ...typed } });
  const flakesG = gramsFromText(flakes, 'starter');
  return (
    <>
      <Choice
        label="Last fed"
        options={PASTS}
        chosen={past}
        onChoose={(chosen) => set({ past: chosen })}
      />
      {past === 'fed' ? (
        <>
          <MomentField
            label="Fed at"
            text={fedAt}
            onText={(text) => set({ fedAt: text })}
            problem={problems.at ?? null}
          />
          <FieldRow>
            <WeightField
              label="Kept"
              text={fed.keep}
              onText={(keep) => setFed({ keep })}
              problem={problems.keep ?? null}
            />
            <WeightField
              label="Flour"
              of={form.flour}
              text={fed.flour}
              onText={(flour) => setFed({ flour })}
              problem={problems.flour ?? null}
            />
            <WeightField
              label="Water"
              of="water"
              text={fed.water}
              onText={(water) => setFed({ water })}
              problem={problems.water ?? null}
            />
          </FieldRow>
        </>
      ) : past === 'dried' ? (
        <>
          <WeightField
            label="Grams of flakes"
            text={flakes}
            onText={(text) => set({ flakes: text })}
            problem={problems.grams ?? null}
            hint={
              flakesG > 0
                ? `With ${words.grams((flakesG * SOAK.waterG) / SOAK.dryG)} of lukewarm water.`
                : ''
            }
          />
          <Words size="small" tone="quiet">
            The days in which it wakes begin with this soak. Until you are ready for it, leave the
            flakes where they are.
          </Words>
        </>
      ) : (
        <WeightField
          label="In the jar"
          text={mass}
          onText={(text) => set({ mass: text })}
          problem={problems.mass ?? null}
        />
      )}
    </>
  );
}
