/** The router in tests: links and the router say where they would lead; nothing moves. */
import { type MouseEvent, type ReactElement, cloneElement, useEffect } from 'react';

import { mockRouter } from './kitchenRouter';

export const useRouter = () => mockRouter;

/** Where tests are: on the first page. */
export const useSegments = (): readonly string[] => ['(now)'];
export const usePathname = () => '/';

/** A page in a test is come to once. */
export const useFocusEffect = (come: () => void) => useEffect(come, [come]);

/** As the router's own: what stands in it is given an address, and a deed in its place. */
export function Link({
  href,
  children,
}: {
  readonly href: string;
  readonly children: ReactElement<object>;
}) {
  const onClick = (event: MouseEvent) => {
    event.preventDefault();
    mockRouter.navigate(href);
  };
  return cloneElement(children, { href, onClick } as object);
}
