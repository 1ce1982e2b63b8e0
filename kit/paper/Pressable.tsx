import { type KeyboardEvent, type Ref, useContext } from 'react';
import {
  type AccessibilityState,
  type GestureResponderEvent,
  Pressable as Native,
  type PressableProps,
  type View,
} from 'react-native';

import { AddressContext } from './address';

const CHECKED = ['checkbox', 'radio'];
const STEPS: Readonly<Record<string, number>> = {
  ArrowDown: 1,
  ArrowRight: 1,
  ArrowUp: -1,
  ArrowLeft: -1,
};

type Props = Omit<PressableProps, 'role'> & {
  readonly ref?: Ref<View>;
  readonly role?: string;
  readonly onKeyDown?: (event: KeyboardEvent) => void;
};

/**
 * What all of Paper's controls are pressed through, in the place of its own (metro.config.js and jest.config.js
 * point that import here). On the web, react-native drops what Paper says about a control's state, answers the
 * space bar on buttons only, and knows no arrow keys; and none of Paper's buttons can be a link. All of that is
 * mended here, once.
 */
export function Pressable({ accessibilityState, ref, children, ...rest }: Props) {
  const address = useContext(AddressContext);
  const role = address ? 'link' : (rest.role ?? rest.accessibilityRole ?? undefined);
  return (
    <Native
      {...(rest as PressableProps)}
      {...(ref ? { ref } : {})}
      {...stateOf(role, accessibilityState)}
      {...({ role, onKeyDown: keys(role, rest.onKeyDown) } as object)}
      {...(address
        ? ({
            href: address.href,
            'aria-current': address['aria-current'],
            onPress: (event: GestureResponderEvent) => address.onClick?.(event),
          } as object)
        : {})}
    >
      {(state) => (
        // What stands in a link is none.
        <AddressContext.Provider value={null}>
          {typeof children === 'function' ? children(state) : children}
        </AddressContext.Provider>
      )}
    </Native>
  );
}

/** What Paper says of a control's state, in the words of the web. */
function stateOf(role: string | undefined, state: AccessibilityState | undefined): object {
  const chosen = state?.checked ?? state?.selected;
  return {
    ...(state?.expanded === undefined ? {} : { 'aria-expanded': state.expanded }),
    ...(chosen === undefined || !role ? {} : chosenAs(role, chosen)),
  };
}

function chosenAs(role: string, chosen: boolean | 'mixed'): object {
  if (CHECKED.includes(role)) return { 'aria-checked': chosen };
  // A button that was never chosen is a plain one.
  return role === 'button' && chosen === true ? { 'aria-pressed': true } : {};
}

/** The space bar presses; among radios, arrows go to the next and choose it. */
const keys =
  (role: string | undefined, more: Props['onKeyDown']) =>
  (event: KeyboardEvent<HTMLElement>): void => {
    more?.(event);
    const me = event.currentTarget;
    if (event.key === ' ' && role && CHECKED.includes(role)) {
      event.preventDefault();
      me.click();
    }
    const step = STEPS[event.key];
    const group = role === 'radio' ? me.closest('[role=radiogroup]') : null;
    if (!step || !group) return;
    event.preventDefault();
    const all = [...group.querySelectorAll<HTMLElement>('[role=radio]:not([aria-disabled=true])')];
    const next = all[(all.indexOf(me) + step + all.length) % all.length];
    next?.focus();
    next?.click();
  };
