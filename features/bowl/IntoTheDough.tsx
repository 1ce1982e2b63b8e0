import { useState } from 'react';

import { type Standing } from '@core/journal';
import { Button } from '@kit';

import { FinishSheet } from './sheets';

/** A levain goes into its dough, or is looked at in its bowl. */
export function IntoTheDough({
  standing,
  ripe,
}: {
  readonly standing: Standing;
  /** Before it is, there is nothing to be done yet; but nobody is kept from it. */
  readonly ripe: boolean;
}) {
  const [finishing, setFinishing] = useState(false);
  return (
    <>
      <Button kind={ripe ? 'main' : 'plain'} big onPress={() => setFinishing(true)}>
        Into the dough
      </Button>
      <Button kind="bare" href={`/jar/${standing.jar.id}`}>
        The bowl
      </Button>
      {finishing && <FinishSheet standing={standing} onClose={() => setFinishing(false)} />}
    </>
  );
}
