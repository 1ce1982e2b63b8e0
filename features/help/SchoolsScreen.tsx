import { useRouter } from 'expo-router';

import { Page, Panel, Press, Words } from '@kit';

import { SCHOOLS } from './schools';

/** Where bakers disagree: both sides, what is done here, and where to change it. */
export function SchoolsScreen() {
  const router = useRouter();
  return (
    <Page narrow>
      <Words size="heading" level={1}>
        Schools and reasons
      </Words>
      <Words tone="quiet">
        Advice contradicts itself because several ways work. Both sides, and what happens here
        unless you say otherwise.
      </Words>
      {SCHOOLS.map(({ title, one, other, here, change }) => (
        <Panel key={title} label={title}>
          <Words size="title" level={2}>
            {title}
          </Words>
          <Words>{one}</Words>
          <Words>{other}</Words>
          <Words strong>{`Here: ${here}`}</Words>
          {change && (
            <Press
              kind="bare"
              href={change}
              label={`Change: ${title}`}
              onPress={() => router.navigate(change)}
            >
              Change it
            </Press>
          )}
        </Panel>
      ))}
    </Page>
  );
}
