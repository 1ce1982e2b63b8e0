import { type Href, Link } from 'expo-router';
import { type ReactNode } from 'react';

import { type Address, AddressContext } from './paper/address';

/** Makes the control in it a link: the browser can open it elsewhere, here it stays inside. */
export function Leading({
  to,
  current,
  children,
}: {
  readonly to: Href;
  /** Whether it names what is shown already. */
  readonly current?: 'page' | 'true' | undefined;
  readonly children: ReactNode;
}) {
  return (
    <Link href={to} asChild>
      <Addressed {...(current ? { 'aria-current': current } : {})}>{children}</Addressed>
    </Link>
  );
}

/** Takes what a link would be given, for the control below to take up. */
function Addressed({
  children,
  href,
  onClick,
  'aria-current': current,
}: Address & { readonly children: ReactNode }) {
  return (
    <AddressContext.Provider
      value={{
        ...(href ? { href } : {}),
        ...(onClick ? { onClick } : {}),
        ...(current ? { 'aria-current': current } : {}),
      }}
    >
      {children}
    </AddressContext.Provider>
  );
}

/** Paper takes what has no deed for switched off; a link's deed is its address. */
export const followed = () => undefined;
