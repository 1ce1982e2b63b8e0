import { type ComponentType, type ReactNode, useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { useLook } from './look';

/**
 * A screen that is fetched when it is first opened, so that the first paint need not carry it.
 * @param load imports the screen's module and picks the component
 */
export const later = <P extends object>(load: () => Promise<ComponentType<P>>): ComponentType<P> =>
  fetched(load, <Waiting />);

/**
 * A sheet or a part of a page that is fetched when it is first called for. Nothing stands in for it until then.
 * One that several pages open is named in one file, or the first page would carry it for all of them.
 * @param load imports the part's module and picks the component
 */
export const laterPart = <P extends object>(
  load: () => Promise<ComponentType<P>>,
): ComponentType<P> => fetched(load, null);

/**
 * Not `lazy` of React: what has come that way is not shown until 300 ms after its place was empty, though it is fetched from
 * this machine in a tenth of that. An error of the fetch goes to the page's boundary, whose next try fetches again.
 */
function fetched<P extends object>(
  load: () => Promise<ComponentType<P>>,
  waiting: ReactNode,
): ComponentType<P> {
  let Part: ComponentType<P> | null = null;
  return function Fetched(props: P) {
    const [, shown] = useState(false);
    useEffect(() => {
      if (Part) return;
      load().then(
        (part) => {
          Part = part;
          shown(true);
        },
        (cause: unknown) =>
          shown(() => {
            throw cause;
          }),
      );
    }, []);
    return Part ? <Part {...props} /> : waiting;
  };
}

/** A page of the ground's colour: fetching from this machine is quicker than anything that could be said. */
function Waiting() {
  const look = useLook();
  return <View role="main" aria-busy style={[styles.fill, { backgroundColor: look.ground }]} />;
}

const styles = StyleSheet.create({
  fill: { flex: 1 },
});
