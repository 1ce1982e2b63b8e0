import { type Standing, contentOf } from '@core/journal';
import { mainFlour } from '@core/measure';
import { PageTitle, Button, Choice, Field, Page, Panel, Words, FieldRow } from '@kit';
import { selectBeingRead, selectStanding, useAppSelector } from '@state';

import { NoSuchJar } from '../parts/NoSuchJar';
import { WeightField } from '../parts/WeightField';
import { When } from '../parts/When';
import { useKitchenWords } from '../words';
import { ripeness } from './buildForm';
import { useBuilding } from './useBuilding';

/** A levain is built in a bowl beside its jar. */
export function BuildScreen({
  id,
  wish = null,
  wantedG = null,
}: {
  readonly id: string;
  /** The bake it is for. */
  readonly wish?: string | null;
  /** How much levain is wanted, where no bake says so. */
  readonly wantedG?: number | null;
}) {
  const standing = useAppSelector((state) => selectStanding(state, id));
  return (
    <Page title={standing ? `A levain of ${standing.jar.card.name}` : 'No such jar'} narrow>
      {standing ? (
        <Build key={id} standing={standing} wish={wish} wantedG={wantedG} />
      ) : (
        <NoSuchJar />
      )}
    </Page>
  );
}

function Build({
  standing,
  wish,
  wantedG,
}: {
  readonly standing: Standing;
  readonly wish: string | null;
  readonly wantedG: number | null;
}) {
  const { jar } = standing;
  const words = useKitchenWords();
  const beingRead = useAppSelector(selectBeingRead).has(jar.id);
  const { bakes, bake, buildFor, form, set, flour, places, when, mixedAt, trial, problems, build } =
    useBuilding(standing, wish, wantedG);
  return (
    <>
      <PageTitle back={{ to: `/jar/${jar.id}`, name: jar.card.name }}>A levain in a bowl</PageTitle>
      <Words tone="quiet">
        {`${jar.card.name} only gives a little of itself, and stays as it is. About ${words.roughly(contentOf(jar).massG)} are in the jar.`}
      </Words>
      {bakes.length > 0 && (
        <Choice
          label="For"
          options={[
            ...bakes.map(({ id, name }) => ({ is: id, text: name })),
            { is: NO_BAKE, text: 'no bake in the plan' },
          ]}
          chosen={bake?.id ?? NO_BAKE}
          onChoose={(is) => buildFor(is === NO_BAKE ? null : is)}
        />
      )}
      <Field
        label="Its name"
        text={form.name}
        onText={(name) => set({ name })}
        problem={problems.name ?? null}
      />
      <FieldRow>
        <WeightField
          label="Starter"
          text={form.seed}
          onText={(seed) => set({ seed })}
          problem={problems.grams ?? null}
        />
        <WeightField
          label="Water"
          of="water"
          text={form.water}
          onText={(water) => set({ water })}
          problem={problems.water ?? null}
        />
        <WeightField
          label="Flour"
          of={mainFlour(flour)}
          text={form.flour}
          onText={(to) => set({ flour: to })}
          problem={problems.flour ?? null}
        />
      </FieldRow>
      <Choice
        label="Where it stands"
        options={places.map(({ id: is, name }) => ({ is, text: name }))}
        chosen={form.place}
        onChoose={(place) => set({ place })}
      />
      {trial && (
        <Panel label="What it comes to">
          <Words strong>
            {`${words.grams(trial.outcome.massG)} at ${Math.round(trial.outcome.hydrationPct)} %`}
          </Words>
          <Words>
            {beingRead
              ? 'Reading the log to see how quick it is. When it will be ripe stands here in a moment.'
              : ripeness(trial.forecast, mixedAt, bake, words)}
          </Words>
        </Panel>
      )}
      <When when={when} label="Mixed at" problem={problems.at ?? null} />
      <Button kind="main" big onPress={build}>
        It is mixed
      </Button>
    </>
  );
}

const NO_BAKE = 'none';
