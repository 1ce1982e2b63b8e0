import { type ComponentProps, type ReactNode, createContext, useContext } from 'react';
import { StyleSheet, View } from 'react-native';

import { Button, IconOnly } from './Button';
import { Words } from './Words';

/** Opens the help with the page that is shown; null where nobody stands by to help. */
export const PageHelpContext = createContext<(() => void) | null>(null);

/** The heading of a page, and beside it the way to a few words on what the page is for. */
export function PageTitle({
  children,
  beside,
  lines,
  back,
}: {
  readonly children: string;
  /** What stands on the same line. */
  readonly beside?: ReactNode;
  /** Cut after so many. */
  readonly lines?: number;
  /** The page that this one belongs to: leads there, above it. */
  readonly back?: {
    readonly to: NonNullable<ComponentProps<typeof Button>['href']>;
    readonly name: string;
  };
}) {
  const askHelp = useContext(PageHelpContext);
  const title = (
    <View style={styles.row}>
      <Words size="heading" level={1} lines={lines} style={styles.fill}>
        {children}
      </Words>
      {beside}
      {askHelp && (
        <View style={styles.mark}>
          <IconOnly icon="help-circle-outline" label="About this page" onPress={askHelp} />
        </View>
      )}
    </View>
  );
  if (!back) return title;
  return (
    <View style={styles.stack}>
      <View style={styles.atEdge}>
        <Button kind="bare" icon="arrow-left" href={back.to}>
          {back.name}
        </Button>
      </View>
      {title}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 4 },
  atEdge: { alignItems: 'flex-start', marginLeft: -8 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  // A J reaches a little to the left of its line, and would be cut off there with what is too long.
  fill: { flex: 1, paddingLeft: 4, marginLeft: -4 },
  // As high as a line of the heading, whatever a thumb needs around it.
  mark: { alignSelf: 'flex-start', marginVertical: -8, marginHorizontal: -8 },
});
