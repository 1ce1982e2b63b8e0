import { type ComponentType, Suspense, lazy } from 'react';
import { StyleSheet, View } from 'react-native';

import { useLook } from './look';

/**
 * A screen that is fetched when it is first opened, so that the first paint need not carry it.
 * @param load imports the screen's module and picks the component
 */
export function later<P extends object>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  const Screen = lazy(async () => ({ default: (await load()) as ComponentType<object> }));
  return function Later(props: P) {
    return (
      <Suspense fallback={<Waiting />}>
        <Screen {...props} />
      </Suspense>
    );
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
