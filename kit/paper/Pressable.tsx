import { type KeyboardEvent, type ReactNode, type Ref, createContext, useContext } from 'react';
import {
  type AccessibilityState,
  type GestureResponderEvent,
  Pressable as Native,
  type PressableProps,
  View,
} from 'react-native';

import { AddressContext } from './address';

/** The role of the control that this one stands in, if any. */
const WithinContext = createContext<string | undefined>(undefined);

const CHECKED = ['checkbox', 'radio', 'switch', 'menuitemcheckbox', 'menuitemradio'];
/** Where arrow keys lead from one to the next. */
const GROUPS: Readonly<Record<string, string>> = {
  radio: 'radiogroup',
  tab: 'tablist',
  menuitem: 'menu',
};
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
 * space bar on buttons only, and knows no arrow keys; Paper's items hold a second, nameless control of the same
 * role; and none of its buttons can be a link. All of that is mended here, once.
 */
export function Pressable({ accessibilityState, ref, children, ...rest }: Props) {
  const address = useContext(AddressContext);
  const within = useContext(WithinContext);
  const role = address ? 'link' : (rest.role ?? rest.accessibilityRole ?? undefined);
  if (role && CHECKED.includes(role) && within === role)
    return <View aria-hidden>{drawn(children)}</View>;
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
          <WithinContext.Provider value={role}>{drawn(children, state)}</WithinContext.Provider>
        </AddressContext.Provider>
      )}
    </Native>
  );
}

const drawn = (
  children: PressableProps['children'],
  state: object = { pressed: false, hovered: false },
): ReactNode => (typeof children === 'function' ? children(state as never) : children);

/** What Paper says of a control's state, in the words of the web. */
function stateOf(role: string | undefined, state: AccessibilityState | undefined): object {
  const chosen = state?.checked ?? state?.selected;
  return {
    ...(state?.busy ? { 'aria-busy': true } : {}),
    ...(state?.expanded === undefined ? {} : { 'aria-expanded': state.expanded }),
    ...(chosen === undefined || !role ? {} : chosenAs(role, chosen)),
  };
}

function chosenAs(role: string, chosen: boolean | 'mixed'): object {
  if (CHECKED.includes(role)) return { 'aria-checked': chosen };
  if (role === 'tab' || role === 'option') return { 'aria-selected': chosen };
  // A button that was never chosen is a plain one.
  return role === 'button' && chosen === true ? { 'aria-pressed': true } : {};
}

/** The space bar presses; arrows go to the next of a group, and choose it where one is chosen. */
const keys =
  (role: string | undefined, more: Props['onKeyDown']) =>
  (event: KeyboardEvent<HTMLElement>): void => {
    more?.(event);
    const me = event.currentTarget;
    if (event.key === ' ' && role && role !== 'button' && role !== 'link') {
      event.preventDefault();
      me.click();
    }
    const step = STEPS[event.key];
    const group = role && GROUPS[role] ? me.closest(`[role=${GROUPS[role]}]`) : null;
    if (!step || !group) return;
    event.preventDefault();
    const all = [
      ...group.querySelectorAll<HTMLElement>(`[role=${role}]:not([aria-disabled=true])`),
    ];
    const next = all[(all.indexOf(me) + step + all.length) % all.length];
    next?.focus();
    if (role === 'radio') next?.click();
  };
