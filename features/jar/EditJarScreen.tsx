import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { type Jar } from '@core/journal';
import { Page, Button, Words } from '@kit';
import { logEntries, selectJar, selectNow, useAppDispatch, useAppSelector } from '@state';

import { CardFields } from './CardFields';
import { type JarForm, type Problems, cardFrom, cardProblems, formFrom } from './jarForm';
import { NoSuchJar } from './NoSuchJar';

/** A jar's card, to be changed. */
export function EditJarScreen({ id }: { readonly id: string }) {
  const jar = useAppSelector((state) => selectJar(state, id));
  if (!jar)
    return (
      <Page narrow>
        <NoSuchJar />
      </Page>
    );
  return <CardEditor key={id} jar={jar} />;
}

function CardEditor({ jar }: { readonly jar: Jar }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const [form, setForm] = useState(() => formFrom(jar.card));
  const [problems, setProblems] = useState<Problems<JarForm>>({});
  const back = () => router.navigate(`/jar/${jar.id}`);
  const save = () => {
    const found = cardProblems(form);
    setProblems(found);
    if (Object.keys(found).length > 0) return;
    const card = cardFrom(form, jar.card);
    const at = new Date(now).toISOString();
    dispatch(
      logEntries(
        [{ kind: 'described', jar: jar.id, at, card }],
        `The card of ${card.name} is changed`,
      ),
    );
    back();
  };
  return (
    <Page
      narrow
      foot={
        <View style={{ flexDirection: 'row', gap: 8 }}>
          <Button onPress={back}>Cancel</Button>
          <Button kind="main" grow onPress={save}>
            Save the card
          </Button>
        </View>
      }
    >
      <Words size="heading" level={1} lines={2}>
        {`The card of ${jar.card.name}`}
      </Words>
      <CardFields form={form} onForm={setForm} problems={problems} jar={jar} />
    </Page>
  );
}
