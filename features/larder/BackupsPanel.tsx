import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Backup, type DryingBatch, aliveShare } from '@core/rescue';
import { declineBackup, giveUpDrying, tendBackup, spendBackup } from '@core/verbs';
import { Panel, Button, Words, useLook } from '@kit';
import {
  done,
  selectBackups,
  selectDrying,
  selectJars,
  selectNow,
  selectWithoutBackup,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { useJarName } from '../words/useJarName';
import { BACKUP_WORDS, STORE_WORDS, useKitchenWords } from '../words';
import { aliveWords } from '../words/larderWords';
import { MakeBackupSheet } from './sheets';
import { PackSheet } from './PackSheet';

/** The shelf of backups: what lies there, how much of it should live, and when to make it anew. */
export function BackupsPanel() {
  const backups = useAppSelector(selectBackups);
  const drying = useAppSelector(selectDrying);
  const without = useAppSelector(selectWithoutBackup);
  const jars = useAppSelector(selectJars);
  const [making, setMaking] = useState<string | null>(null);
  return (
    <Panel label="Backups">
      <Words size="title" level={2}>
        Backups
      </Words>
      <Words size="small" tone="quiet">
        Jars break. With one backup of each starter, renewed twice a year, you never lose it.
      </Words>
      {drying.map((batch) => (
        <DryingRow key={batch.id} batch={batch} />
      ))}
      {backups.map((backup) => (
        <BackupRow key={backup.id} backup={backup} />
      ))}
      {without.map((id) => (
        <Without key={id} id={id} onMake={() => setMaking(id)} />
      ))}
      {jars.length > 0 && (
        <Button icon="plus" onPress={() => setMaking(jars[0]!.id)}>
          Make a backup
        </Button>
      )}
      <Button kind="bare" href="/start">
        Wake one, or start a new one
      </Button>
      {making !== null && <MakeBackupSheet jar={making} onClose={() => setMaking(null)} />}
    </Panel>
  );
}

function Line({ children }: { readonly children: React.ReactNode }) {
  const look = useLook();
  return <View style={[styles.ruled, { borderTopColor: look.seam }]}>{children}</View>;
}

function BackupRow({ backup }: { readonly backup: Backup }) {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const name = useJarName()(backup.jar);
  const { form, store, gramsLeft, madeAt, freshAt, renewBy, note } = backup;
  const due = renewBy <= now;
  const what = `${name}, ${BACKUP_WORDS[form]}`;
  return (
    <Line>
      <View>
        <Words strong level={3}>
          {what}
        </Words>
        <Words>
          {`${words.grams(gramsLeft)} ${STORE_WORDS[store]}, of ${words.date(madeAt)}${freshAt > madeAt ? `, fed ${words.date(freshAt)}` : ''}.${note ? ` ${note}.` : ''}`}
        </Words>
        <Words strong={due} tone={due ? 'crust' : 'quiet'}>
          {`${
            form === 'twin'
              ? due
                ? 'Its monthly feed is due'
                : `Feed it by ${words.date(renewBy)}`
              : due
                ? `Renewal was due on ${words.date(renewBy)}`
                : `Renew by ${words.date(renewBy)}`
          }; ${aliveWords(aliveShare(backup, now))} of it should be alive.`}
        </Words>
      </View>
      <View style={styles.row}>
        {form === 'twin' && (
          <Button
            grow
            label={`${what}: fed`}
            onPress={() =>
              dispatch(done((at) => tendBackup(backup, at), `The twin of ${name} is fed`))
            }
          >
            It is fed
          </Button>
        )}
        <Button
          grow
          label={`${what}: used up or thrown out`}
          onPress={() => dispatch(done((at) => spendBackup(backup, at), `${what}: off the shelf`))}
        >
          Used up
        </Button>
      </View>
    </Line>
  );
}

function DryingRow({ batch }: { readonly batch: DryingBatch }) {
  const dispatch = useAppDispatch();
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  const name = useJarName()(batch.jar);
  const [packing, setPacking] = useState(false);
  const ready = now >= batch.snapsFrom;
  return (
    <Line>
      <View>
        <Words strong level={3}>{`${name} lies drying`}</Words>
        <Words tone={ready ? 'crust' : 'ink'} strong={ready}>
          {now >= batch.snapsBy
            ? 'It should snap by now. If it still bends, give it another day.'
            : ready
              ? `Try a piece: it may snap, and should by ${words.moment(batch.snapsBy)}.`
              : `Spread out ${words.moment(batch.since)}. From ${words.moment(batch.snapsFrom)} on, try whether a piece snaps.`}
        </Words>
      </View>
      <Button label={`${name} snaps: pack it`} onPress={() => setPacking(true)}>
        It snaps: crumble and pack it
      </Button>
      {now >= batch.snapsBy && (
        <Button
          kind="bare"
          label={`Give up what lies drying of ${name}`}
          onPress={() =>
            dispatch(done((at) => giveUpDrying(batch, at), `${name}: what lay drying is given up`))
          }
        >
          It did not work out
        </Button>
      )}
      {packing && <PackSheet batch={batch} onClose={() => setPacking(false)} />}
    </Line>
  );
}

/** Said once of every jar, and never again when it is declined. */
function Without({ id, onMake }: { readonly id: string; readonly onMake: () => void }) {
  const dispatch = useAppDispatch();
  const name = useJarName()(id);
  return (
    <Line>
      <Words>{`${name} has no backup yet.`}</Words>
      <View style={styles.row}>
        <Button grow label={`Make a backup of ${name}`} onPress={onMake}>
          Make one
        </Button>
        <Button
          grow
          label={`${name} needs no backup`}
          onPress={() => dispatch(done((now) => declineBackup(id, now), `${name} needs no backup`))}
        >
          No backup needed
        </Button>
      </View>
    </Line>
  );
}

const styles = StyleSheet.create({
  ruled: { borderTopWidth: 1, paddingTop: 10, gap: 8 },
  row: { flexDirection: 'row', gap: 8 },
});
