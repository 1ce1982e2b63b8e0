import { createContext } from 'react';
import { type GestureResponderEvent } from 'react-native';

/** Where the control below leads. */
export interface Address {
  readonly href?: string;
  readonly onClick?: (event: GestureResponderEvent) => void;
  readonly 'aria-current'?: 'page' | 'true';
}

export const AddressContext = createContext<Address | null>(null);
