/** The router in tests: links and the router say where they would lead; nothing moves. */
import { type MouseEvent, type ReactElement, cloneElement } from 'react';

import { mockRouter } from './kitchenRouter';

export const useRouter = () => mockRouter;
export const router = mockRouter;

/** As the router's own: what stands in it is given an address, and a deed in its place. */
export function Link({
  href,
  onPress,
  children,
}: {
  readonly href: string;
  readonly onPress?: () => void;
  readonly children: ReactElement<object>;
}) {
  const onClick = (event: MouseEvent) => {
    event.preventDefault();
    onPress?.();
    mockRouter.navigate(href);
  };
  return cloneElement(children, { href, onClick } as object);
}

/** Every screen of a test is the one that is shown. */
export const useIsFocused = () => true;
