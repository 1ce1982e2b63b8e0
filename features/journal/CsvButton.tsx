import { type Jar, isJarEvent } from '@core/journal';
import { Button, saveFile } from '@kit';
import { readClock, selectLiveEvents, selectTime, useAppSelector } from '@state';

import { fileName, usePlaceName } from '../words';
import { useJarName } from '../words/useJarName';

/** The log of a jar, or of all, as a table for a spreadsheet. */
export function CsvButton({ jar }: { readonly jar: Jar | null }) {
  const live = useAppSelector(selectLiveEvents);
  const time = useAppSelector(selectTime);
  const jarName = useJarName();
  const placeName = usePlaceName();
  const save = async () => {
    const { journalCsv } = await import('@core/formats/journalCsv');
    const events = live.filter(isJarEvent).filter((event) => !jar || event.jar === jar.id);
    const day = new Date(readClock()).toISOString().slice(0, 10);
    const of = jar ? fileName(jar.card.name) : 'journal';
    saveFile(
      `ombrello-${of}-${day}.csv`,
      journalCsv(events, { jarName, placeName, time }),
      'text/csv;charset=utf-8',
    );
  };
  return (
    <Button kind="bare" onPress={() => void save()}>
      {jar ? `Save the log of ${jar.card.name} as a table (CSV)` : 'Save it all as a table (CSV)'}
    </Button>
  );
}
