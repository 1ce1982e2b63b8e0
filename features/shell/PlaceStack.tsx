import { Stack, useIsFocused } from 'expo-router';
import { Activity, type ReactNode } from 'react';

import { PageBoundary } from './PageBoundary';

/** So many pages under the one that is shown are kept as they were left; those below are drawn anew when they are come back to. */
const KEPT = 4;

/**
 * One of the places, with what was opened in it: going back finds a page as it was left.
 *
 * @param first the route that lies under all others of the place
 */
export function PlaceStack({ first }: { readonly first: string }) {
  return (
    <Stack
      initialRouteName={first}
      screenOptions={{ headerShown: false }}
      screenLayout={({ children, route, navigation }) => {
        const { routes, index } = navigation.getState();
        if (routes.findIndex(({ key }) => key === route.key) < index - KEPT) return <></>;
        return (
          <PageBoundary key={route.key}>
            <Resting>{children}</Resting>
          </PageBoundary>
        );
      }}
    />
  );
}

/** A page that lies under another keeps its state and its scroll, and computes only when nothing else is to be done. */
function Resting({ children }: { readonly children: ReactNode }) {
  return <Activity mode={useIsFocused() ? 'visible' : 'hidden'}>{children}</Activity>;
}
