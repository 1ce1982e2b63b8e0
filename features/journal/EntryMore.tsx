import { useMemo, useState } from 'react';

import {
  type JarEvent,
  bowlsBegun,
  firstIdOf,
  instantOf,
  outcomeOf,
  picturesOf,
} from '@core/journal';
import { Button, Words } from '@kit';
import { selectJarEvents, selectLiveEvents, useAppSelector } from '@state';

import { bakedWords, capital } from '../words';
import { useJarName } from '../words/useJarName';
import { Picture } from '../parts/Picture';
import { Pictures } from '../parts/Pictures';
import { OutcomeSheet } from './OutcomeSheet';

const WIDE = 280;

/** What can be put to an entry: how its bake turned out, and pictures. */
export function EntryMore({ event }: { readonly event: JarEvent }) {
  const nameOf = useJarName();
  const events = useAppSelector((state) => selectJarEvents(state, event.jar));
  const pictures = useMemo(() => picturesOf(event, events), [event, events]);
  const outcome = useMemo(
    () => (event.kind === 'took' ? outcomeOf(event, events) : null),
    [event, events],
  );
  const live = useAppSelector(selectLiveEvents);
  // What a bowl was begun with is no bake: the bowl's levain is.
  const seed = useMemo(
    () => event.kind === 'took' && !!bowlsBegun(live).get(event.jar)?.has(instantOf(event)),
    [event, live],
  );
  const [judging, setJudging] = useState(false);
  const name = nameOf(event.jar);
  if (event.kind === 'pictured')
    return <Picture pictured={event} label={`A picture of ${name}`} width={WIDE} />;
  if (seed || (event.kind !== 'took' && event.kind !== 'looked')) return null;
  return (
    <>
      {event.kind === 'took' && (
        <>
          {outcome && <Words>{`${capital(bakedWords(outcome))}.`}</Words>}
          <Button onPress={() => setJudging(true)}>
            {outcome ? 'Say it otherwise' : 'How did the bake turn out?'}
          </Button>
          {judging && (
            <OutcomeSheet took={event} outcome={outcome} onClose={() => setJudging(false)} />
          )}
        </>
      )}
      <Pictures
        pictures={pictures}
        to={{ jar: event.jar, of: firstIdOf(event) }}
        of={event.kind === 'took' ? `A bake with ${name}` : `A look at ${name}`}
      />
    </>
  );
}
