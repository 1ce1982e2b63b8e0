import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Jar } from '@core/journal';
import { changeCard } from '@core/verbs';
import { PageTitle, Page, Button } from '@kit';
import { doneTo, selectJar, selectJars, useAppDispatch, useAppSelector } from '@state';

import { CardFields } from './CardFields';
import { type JarForm, type Problems, cardFrom, cardProblems, formFrom } from './jarForm';
import { NoSuchJar } from '../parts/NoSuchJar';

/** A jar's card, to be changed. */
export function EditJarScreen({ id }: { readonly id: string }) {
  const jar = useAppSelector((state) => selectJar(state, id));
  if (!jar)
    return (
      <Page title="No such jar" narrow>
        <NoSuchJar />
      </Page>
    );
  return <CardEditor key={id} jar={jar} />;
}

function CardEditor({ jar }: { readonly jar: Jar }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const jars = useAppSelector(selectJars);
  const [form, setForm] = useState(() => formFrom(jar.card));
  const [problems, setProblems] = useState<Problems<JarForm>>({});
  const back = () => router.navigate(`/jar/${jar.id}`);
  const save = () => {
    // Two jars may have had the same name before.
    const same = form.name.trim() === jar.card.name;
    const found = cardProblems(form, same ? [] : jars.map(({ card }) => card.name));
    setProblems(found);
    if (Object.keys(found).length > 0) return;
    const card = cardFrom(form, jar.card);
    dispatch(
      doneTo(jar.id, (atHand) => changeCard(atHand, card), `The card of ${card.name} is changed`),
    );
    back();
  };
  return (
    <Page
      title={`Card of ${jar.card.name}`}
      narrow
      foot={
        <View style={styles.row}>
          <Button onPress={back}>Cancel</Button>
          <Button kind="main" grow onPress={save}>
            Save the card
          </Button>
        </View>
      }
    >
      <PageTitle lines={2}>{`The card of ${jar.card.name}`}</PageTitle>
      <CardFields form={form} onForm={setForm} problems={problems} jar={jar} />
    </Page>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8 },
});
