import { Page, Panel, Button, Words } from '@kit';

import { SCHOOLS } from './schools';

/** Where bakers disagree: both sides, what is done here, and where to change it. */
export function SchoolsScreen() {
  return (
    <Page title="Schools and reasons" narrow>
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
            <Button kind="bare" href={change} label={`Change: ${title}`}>
              Change it
            </Button>
          )}
        </Panel>
      ))}
    </Page>
  );
}
