import { StyleSheet, View } from 'react-native';

import { type Quarantine, type Reached } from '@core/rescue';
import { Panel, Button, Words, useLook } from '@kit';
import {
  lookedOver,
  selectBackups,
  selectLots,
  selectTubs,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { BACKUP_WORDS, SPOILAGE_WORDS, useKitchenWords } from '../words';
import { useJarName } from '../words/useJarName';

/** What came from one jar that was thrown out: each thing is looked at and kept, or goes too. */
export function QuarantineOfJar({
  quarantine: { thrownOut, reached },
}: {
  readonly quarantine: Quarantine;
}) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const nameOf = useJarName();
  const name = nameOf(thrownOut.jar);
  const title = `What came from ${name}`;
  return (
    <Panel label={title} tone="beet">
      <Words size="title" level={2} tone="beet">
        {title}
      </Words>
      <Words>
        {`${name} was thrown out ${words.day(Date.parse(thrownOut.at))}: ${SPOILAGE_WORDS[thrownOut.why]}. The trouble may have begun as early as ${words.date(Date.parse(thrownOut.since))}. Do not use any of this before you have looked at it; what was taken out earlier is not affected.`}
      </Words>
      {reached.some(({ what }) => what === 'lot') && (
        <Words size="small" tone="quiet">
          If the discard was poured into a jar with other discard, all of that jar goes. Any dough
          or batter made from it since goes too.
        </Words>
      )}
      {reached.length > 1 && (
        <Button
          kind="danger"
          onPress={() => dispatch(lookedOver(reached, false, `All that came from ${name} is out`))}
        >
          {`All ${reached.length} are thrown out`}
        </Button>
      )}
      {reached.map((one) => (
        <Item key={`${one.what} ${one.of}`} reached={one} />
      ))}
    </Panel>
  );
}

function Item({ reached }: { readonly reached: Reached }) {
  const look = useLook();
  const dispatch = useAppDispatch();
  const name = useReachedName()(reached);
  return (
    <View role="group" aria-label={name} style={[styles.wrap, { borderTopColor: look.seam }]}>
      <Words style={styles.fill}>{name}</Words>
      <View style={styles.wrap8}>
        <Button
          label={`Thrown out: ${name}`}
          onPress={() => dispatch(lookedOver([reached], false, `Thrown out: ${name}`))}
        >
          Thrown out
        </Button>
        <Button
          kind="bare"
          label={`Looked at and kept: ${name}`}
          onPress={() => dispatch(lookedOver([reached], true, `Kept: ${name}`))}
        >
          I have looked: keep it
        </Button>
      </View>
    </View>
  );
}

/** What something is called that came from a jar, with its day. */
function useReachedName(): (reached: Reached) => string {
  const words = useKitchenWords();
  const nameOf = useJarName();
  const lots = useAppSelector(selectLots);
  const backups = useAppSelector(selectBackups);
  const tubs = useAppSelector(selectTubs);
  return ({ what, of, jar, at }) => {
    const day = words.date(at).replaceAll(' ', '\u00a0');
    switch (what) {
      case 'lot': {
        const lot = lots.find(({ id }) => id === of);
        const where = lot?.store === 'freezer' ? 'freezer' : 'fridge';
        return `${words.grams(lot?.grams ?? 0)} of ${nameOf(jar)}’s discard in the ${where}, of ${day}`;
      }
      case 'backup': {
        const backup = backups.find(({ id }) => id === of);
        return `${nameOf(jar)}, ${backup ? BACKUP_WORDS[backup.form] : 'a backup'}, made ${day}`;
      }
      case 'drying':
        return `what of ${nameOf(jar)} lies drying since ${day}`;
      case 'jar':
        return `the jar ${nameOf(of)}, split off ${day}`;
      case 'tub':
        return `the flour in ${tubs.find(({ id }) => id === of)?.name ?? 'a tub'}`;
    }
  };
}

const styles = StyleSheet.create({
  wrap: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    borderTopWidth: 1,
    paddingTop: 8,
    gap: 4,
  },
  fill: { flexGrow: 1, flexShrink: 1, flexBasis: 260 },
  wrap8: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
