import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Destination, type Standing } from '@core/journal';
import { giveUpBowl, keepBowl } from '@core/verbs';
import { Button, Field, Sheet, Words } from '@kit';
import { doneTo, orSaid, selectNames, selectNextOf, useAppDispatch, useAppSelector } from '@state';

import { DestinationChoice } from '../parts/DestinationChoice';
import { MoveSheet, WeighSheet } from '../parts/sheets';
import { NextDoing } from '../parts/NextDoing';
import { nextReason, nextTitle, useKitchenWords } from '../words';
import { FinishSheet } from './sheets';

type Open = 'finish' | 'move' | 'weigh' | 'keep' | 'giveUp';

/** What can be done with a levain in its bowl. */
export function BowlActions({ standing }: { readonly standing: Standing }) {
  const [open, setOpen] = useState<Open | null>(null);
  const close = () => setOpen(null);
  const { jar } = standing;
  const words = useKitchenWords();
  const next = useAppSelector((state) => selectNextOf(state, jar.id));
  const building = next?.because.is === 'build';
  if (jar.card.archived) return <Words tone="quiet">This levain is finished.</Words>;
  return (
    <View style={styles.stack}>
      {next && building && (
        <>
          <Words strong>{nextTitle(next, jar.card.name, standing.now, words)}</Words>
          <Words>{nextReason(next, standing, words)}</Words>
          <NextDoing next={next} standing={standing} alone />
        </>
      )}
      <View style={styles.row}>
        <Button kind={building ? 'plain' : 'main'} grow onPress={() => setOpen('finish')}>
          Into the dough
        </Button>
        <Button grow icon="swap-vertical" onPress={() => setOpen('move')}>
          Move
        </Button>
      </View>
      <View style={styles.apart}>
        {!building && (
          <Button kind="bare" href={`/jar/${jar.id}/feed`}>
            Feed it
          </Button>
        )}
        <Button kind="bare" onPress={() => setOpen('weigh')}>
          Weigh
        </Button>
        <Button kind="bare" onPress={() => setOpen('keep')}>
          Keep it as a starter
        </Button>
        <Button kind="bare" onPress={() => setOpen('giveUp')}>
          Give it up
        </Button>
      </View>
      {open === 'finish' && <FinishSheet standing={standing} onClose={close} />}
      {open === 'move' && <MoveSheet standing={standing} onClose={close} />}
      {open === 'weigh' && <WeighSheet standing={standing} onClose={close} />}
      {open === 'keep' && <KeepSheet standing={standing} onClose={close} />}
      {open === 'giveUp' && <GiveUpSheet standing={standing} onClose={close} />}
    </View>
  );
}

interface SheetProps {
  readonly standing: Standing;
  readonly onClose: () => void;
}

/** The levain becomes a starter that is kept, under a name of its own. */
function KeepSheet({ standing: { jar }, onClose }: SheetProps) {
  const dispatch = useAppDispatch();
  const names = useAppSelector(selectNames);
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const others = [...names].filter(([id]) => id !== jar.id).map(([, known]) => known);
  const keep = () => {
    const [objection] = dispatch(
      doneTo(jar.id, (atHand) => keepBowl(atHand, others, name), `${name.trim()} is on the shelf`),
    );
    setProblem(objection?.message ?? null);
    if (!objection) onClose();
  };
  return (
    <Sheet title="Keep it as a starter" onClose={onClose}>
      <Words tone="quiet">
        It stays on the shelf with its flour and its feed. You can change them on its card.
      </Words>
      <Field label="Its name" text={name} onText={setName} problem={problem} onSubmit={keep} />
      <Button kind="main" onPress={keep}>
        Keep it
      </Button>
    </Sheet>
  );
}

/** The levain is not wanted any more. Its bake stays wanted. */
function GiveUpSheet({ standing: { jar }, onClose }: SheetProps) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const [to, setTo] = useState<Destination>('discardJar');
  return (
    <Sheet title={`Give ${jar.card.name} up`} onClose={onClose}>
      <Words tone="quiet">
        The bowl leaves the shelf. If it was for a bake, that bake stays in the plan and is planned
        again.
      </Words>
      <DestinationChoice chosen={to} onChoose={setTo} />
      <Button
        kind="main"
        onPress={() => {
          dispatch(
            orSaid(
              doneTo(jar.id, (atHand) => giveUpBowl(atHand, to), `${jar.card.name} is given up`),
            ),
          );
          onClose();
          router.navigate('/');
        }}
      >
        Yes, give it up
      </Button>
    </Sheet>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 8 },
  row: { flexDirection: 'row', gap: 8 },
  apart: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, justifyContent: 'space-between' },
});
