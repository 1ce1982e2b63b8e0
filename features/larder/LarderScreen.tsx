import { PageTitle, Page, TwoPanes, useWide } from '@kit';

import { QuarantinePanel } from '../rescue/QuarantinePanel';
import { BackupsPanel } from './BackupsPanel';
import { DiscardPanel } from './DiscardPanel';
import { SavedPanel } from './SavedPanel';
import { TubsPanel } from './TubsPanel';

/** What stands in the larder. */
export function LarderScreen() {
  const wide = useWide();
  return (
    <Page title="Larder" narrow={!wide}>
      <PageTitle>Larder</PageTitle>
      <QuarantinePanel />
      {wide ? (
        <TwoPanes
          left={
            <>
              <DiscardPanel />
              <SavedPanel />
            </>
          }
          right={
            <>
              <BackupsPanel />
              <TubsPanel />
            </>
          }
          leftShare={0.5}
        />
      ) : (
        <>
          <DiscardPanel />
          <BackupsPanel />
          <TubsPanel />
          <SavedPanel />
        </>
      )}
    </Page>
  );
}
