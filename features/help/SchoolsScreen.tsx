import { PageTitle, Page, Panel, Button, Words } from '@kit';

import { SCHOOLS } from './schools';

/** Where bakers disagree: both sides, what is done here, and where to change it. */
export function SchoolsScreen() {
  return (
    <Page title="Two schools of advice" narrow>
      <PageTitle>Two schools of advice</PageTitle>
      <Words tone="quiet">
        Advice disagrees because more than one way works. Here are both sides, and what happens here
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
