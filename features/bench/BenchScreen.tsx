import { activateKeepAwakeAsync, deactivateKeepAwake } from 'expo-keep-awake';
import { type Href, useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { ratioText } from '@core/bench';
import { type Standing } from '@core/journal';
import { Page, IconOnly, Words, useBack } from '@kit';
import { draftCleared, selectStanding, useAppDispatch, useAppSelector } from '@state';

import { benchPath } from './benchPath';
import { FreeFeedStep } from './FreeFeedStep';
import { MixStep } from './MixStep';
import { PlaceStep } from './PlaceStep';
import { ScaleStep } from './ScaleStep';
import { type Bench, portionsOf, useBench } from './useBench';
import { useScale } from './useScale';
import { NoSuchJar } from '../parts/NoSuchJar';

/** Feeding a jar in five steps: keep, water, flour, mix and mark, place. */
export function BenchScreen({
  id,
  then = [],
}: {
  readonly id: string;
  /** Jars that are fed after this one, in one pass. */
  readonly then?: readonly string[];
}) {
  const standing = useAppSelector((state) => selectStanding(state, id));
  if (!standing)
    return (
      <Page title="No such jar" narrow>
        <NoSuchJar />
      </Page>
    );
  return <AtTheBench key={id} standing={standing} then={then} />;
}

function AtTheBench({
  standing,
  then,
}: {
  readonly standing: Standing;
  readonly then: readonly string[];
}) {
  useScreenAwake();
  const bench = useBench(standing);
  const router = useRouter();
  const dispatch = useAppDispatch();
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const { jar } = standing;
  const { step, order, weighing } = bench.draft;
  const portion = portionsOf(order)[step];
  const inBefore = portionsOf(order)
    .slice(0, step)
    .reduce((sum, of) => sum + bench.amounts[`${of}G`], 0);
  const scale = useScale(
    portion ?? 'mixed',
    weighing === 'inJar' ? jar.card.vessel.emptyG + inBefore : null,
  );
  const toStep = (to: number) => {
    setProblems({});
    bench.change({ step: to });
  };
  const leave = () => {
    dispatch(draftCleared(jar.id));
    router.navigate(`/jar/${jar.id}`);
  };
  // Nothing was weighed one by one where it was added freely.
  const before = bench.way === 'ratio' || step === 4 ? step - 1 : 0;
  const back = () => (step === 0 ? router.navigate(`/jar/${jar.id}`) : toStep(before));
  useBack(bench.way === 'ratio' ? step : Math.max(0, step - 2), back);
  const [next, ...rest] = then;
  const finish = (path: Href) => {
    const found = bench.finish();
    if (Object.keys(found).length === 0) return router.replace(path);
    bench.change({ step: 3 });
    setProblems(found);
  };
  const header = (
    <BenchHeader name={jar.card.name} bench={bench} more={then.length} onLeave={leave} />
  );
  if (portion && bench.way !== 'ratio')
    return (
      <FreeFeedStep
        header={header}
        bench={bench}
        standing={standing}
        onBack={() => router.navigate(`/jar/${jar.id}`)}
        onDone={() => toStep(3)}
      />
    );
  if (portion)
    return (
      <ScaleStep
        key={portion}
        header={header}
        bench={bench}
        standing={standing}
        portion={portion}
        scale={scale}
        onBack={back}
        onDone={(landed) => bench.change({ landed, step: step + 1 })}
      />
    );
  return step === 3 ? (
    <MixStep
      header={header}
      bench={bench}
      standing={standing}
      problems={problems}
      onBack={back}
      onDone={() => toStep(4)}
    />
  ) : (
    <PlaceStep
      header={header}
      bench={bench}
      standing={standing}
      onBack={back}
      onDone={() => finish(next === undefined ? `/jar/${jar.id}` : benchPath(next, rest))}
      // In a pass over several jars the next one comes first.
      onLabel={next === undefined ? () => finish(`/jar/${jar.id}/paper`) : null}
    />
  );
}

function BenchHeader({
  name,
  bench,
  more,
  onLeave,
}: {
  readonly name: string;
  readonly bench: Bench;
  /** Jars that come after. */
  readonly more: number;
  readonly onLeave: () => void;
}) {
  const { outcome } = bench.chosen;
  return (
    <View style={styles.row}>
      <Words size="small" tone="quiet" style={styles.fill}>
        {`${name} at the bench · ${stepText(bench)}${more > 0 ? `, ${more} more ${more === 1 ? 'jar' : 'jars'} after` : ''}`}
      </Words>
      <Words size="small" tone="quiet">
        {outcome.ratio ? `${ratioText(outcome.ratio)} · ${Math.round(outcome.hydrationPct)} %` : ''}
      </Words>
      <View style={styles.box}>
        <IconOnly icon="close" label="Leave the bench" onPress={onLeave} />
      </View>
    </View>
  );
}

/** "2 of 5"; what is added freely is in with one step instead of three. */
const stepText = ({ draft: { step }, way }: Bench): string =>
  way === 'ratio' ? `${step + 1} of 5` : `${Math.max(1, step - 1)} of 3`;

/** Floury hands cannot wake a screen. Where a device will not have it, the bench works all the same. */
function useScreenAwake() {
  useEffect(() => {
    const tag = 'bench';
    activateKeepAwakeAsync(tag).catch(() => undefined);
    return () => {
      deactivateKeepAwake(tag).catch(() => undefined);
    };
  }, []);
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  fill: { flex: 1 },
  box: { marginVertical: -10, marginRight: -8 },
});
