import { useMemo, useState } from 'react';

import { instantOf } from '@core/journal';
import { DAY } from '@core/measure';
import { PageTitle, Button, Choice, Page, Panel, Words, printPages } from '@kit';
import { selectArchived, selectEventsByJar, selectJars, selectNow, useAppSelector } from '@state';

import { useKitchenWords } from '../words';
import { useYearTexts } from './useYearTexts';

/** The twelve months up to now, or a year of the calendar. */
const LAST = 'last';

/** A year of each jar, as a page to be read or printed. */
export function YearScreen() {
  const words = useKitchenWords();
  const now = useAppSelector(selectNow);
  const jars = useAppSelector(selectJars);
  const archived = useAppSelector(selectArchived);
  const byJar = useAppSelector(selectEventsByJar);
  const all = useMemo(() => [...jars, ...archived], [jars, archived]);
  const [chosen, setChosen] = useState<string>(LAST);
  const years = useMemo(() => {
    const found = new Set<string>();
    for (const events of byJar.values())
      for (const event of events)
        if (event.kind === 'fed') found.add(words.fieldText(instantOf(event)).slice(0, 4));
    return [...found].sort().reverse();
  }, [byJar, words]);
  const span = useMemo(
    () =>
      chosen === LAST
        ? { from: now - 365 * DAY, until: now + 1 }
        : {
            from: words.instantOf(`${chosen}-01-01T00:00`),
            until: Math.min(now + 1, words.instantOf(`${Number(chosen) + 1}-01-01T00:00`)),
          },
    [chosen, now, words],
  );
  const title = chosen === LAST ? 'The last twelve months' : chosen;
  const pages = useYearTexts(all, span);
  return (
    <Page title="The year on paper" narrow>
      <PageTitle back={{ to: '/journal', name: 'Journal' }}>The year on paper</PageTitle>
      <Choice
        label="Which"
        hideLabel
        options={[
          { is: LAST, text: 'the last twelve months' },
          ...years.map((is) => ({ is, text: is })),
        ]}
        chosen={chosen}
        onChoose={setChosen}
      />
      {pages.length === 0 && (
        <Panel>
          <Words>Nothing was fed in that time.</Words>
        </Panel>
      )}
      {pages.length > 0 && (
        <Button
          kind="main"
          onPress={() =>
            printPages(
              pages.map(({ name, lines }) => ({
                title: `${name}: ${title.toLowerCase()}`,
                text: lines.join('\n\n'),
              })),
            )
          }
        >
          {pages.length === 1 ? 'Print it' : `Print them, a page for each`}
        </Button>
      )}
      {pages.map(({ jar, name, lines }) => (
        <Panel key={jar} label={name}>
          <Words size="title" level={2}>
            {name}
          </Words>
          {lines.map((line) => (
            <Words key={line}>{line}</Words>
          ))}
        </Panel>
      ))}
    </Page>
  );
}
