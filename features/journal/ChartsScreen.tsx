import { useState } from 'react';

import { PageTitle, Choice, Page, Words } from '@kit';
import { selectArchived, selectJars, useAppSelector } from '@state';

import { NoStarterYet } from '../parts/NoStarterYet';
import { type Charted } from './charted';
import { DoublingChart } from './DoublingChart';
import { ForetoldChart } from './ForetoldChart';
import { PaceChart } from './PaceChart';
import { PeaksPanel } from './PeaksPanel';
import { WeeksChart } from './WeeksChart';
import { useFeedHistory } from './useFeedHistory';

const ALONE = '';

/** What the log says over the months, of one jar or of two side by side. */
export function ChartsScreen({
  jar,
  other,
}: {
  readonly jar?: string | undefined;
  readonly other?: string | undefined;
}) {
  const shelf = useAppSelector(selectJars);
  const archived = useAppSelector(selectArchived);
  const jars = [...shelf, ...archived];
  const [one, setOne] = useState(jar);
  const [two, setTwo] = useState(other ?? ALONE);
  const first = jars.find(({ id }) => id === one) ?? jars[0];
  const second = jars.find(({ id }) => id === two && id !== first?.id);
  const options = jars.map(({ id: is, card }) => ({ is, text: card.name }));
  return (
    <Page title="Charts" narrow={!first}>
      <PageTitle back={{ to: '/journal', name: 'Journal' }}>Charts</PageTitle>
      {!first && (
        <NoStarterYet text="How fast a starter rises, how high, and how that changes with the warmth and the months: it is drawn here once you have logged a few looks." />
      )}
      {first && jars.length > 1 && (
        <>
          <Choice label="Of" hideLabel options={options} chosen={first.id} onChoose={setOne} />
          <Choice
            label="Beside it"
            options={[{ is: ALONE, text: 'none' }, ...options.filter(({ is }) => is !== first.id)]}
            chosen={second?.id ?? ALONE}
            onChoose={setTwo}
          />
        </>
      )}
      {first && (
        <Charts key={`${first.id} ${second?.id ?? ''}`} jars={second ? [first, second] : [first]} />
      )}
    </Page>
  );
}

function Charts({ jars }: { readonly jars: Charted }) {
  const [one, two] = jars;
  const first = useFeedHistory(one.id);
  const second = useFeedHistory(two?.id ?? one.id);
  const seen = first && second && (two ? [first, second] : [first]);
  return (
    <>
      {seen ? (
        <>
          <DoublingChart jars={jars} seen={seen} />
          <PaceChart jars={jars} seen={seen} />
        </>
      ) : (
        <Words tone="quiet" live>
          Reading the log …
        </Words>
      )}
      {jars.map((jar) => (
        <PeaksPanel key={jar.id} jar={jar} named={jars.length > 1} />
      ))}
      {jars.map((jar) => (
        <ForetoldChart key={jar.id} jar={jar} named={jars.length > 1} />
      ))}
      <WeeksChart jars={jars} />
    </>
  );
}
