import { StyleSheet, View } from 'react-native';

import { type CellProblem } from '@core/formats/table';
import { Words } from '@kit';

/** So many are shown: the rest is most often more of the same. */
const SHOWN = 5;

/** What could not be read in a file, by line and column. */
export function FileProblems({
  problems,
  count,
}: {
  readonly problems: readonly CellProblem[];
  readonly count: number;
}) {
  if (count === 0) return null;
  return (
    <View style={styles.stack}>
      <Words strong tone="crust" live>
        {count === 1
          ? '1 line cannot be read and stays out:'
          : `${count} lines cannot be read and stay out:`}
      </Words>
      {problems.slice(0, SHOWN).map(({ line, column, name, found, why }) => (
        <Words key={`${line} ${column}`} size="small">
          {`Line ${line}, column ${column} (${name})${found === '' ? '' : `, “${shortened(found)}”`}: ${why}`}
        </Words>
      ))}
      {count > SHOWN && <Words size="small" tone="quiet">{`And ${count - SHOWN} more.`}</Words>}
    </View>
  );
}

const shortened = (text: string) =>
  [...text].length > 40 ? `${[...text].slice(0, 39).join('')}…` : text;

const styles = StyleSheet.create({
  stack: { gap: 4 },
});
