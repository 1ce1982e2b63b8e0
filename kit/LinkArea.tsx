import { type ReactNode } from 'react';
import {
  type GestureResponderEvent,
  Pressable,
  type PressableStateCallbackType,
  type StyleProp,
  type ViewStyle,
} from 'react-native';

interface LinkAreaProps {
  readonly href?: string | undefined;
  readonly label?: string | undefined;
  /** Whether it names what is shown already. */
  readonly current?: 'page' | 'true' | undefined;
  readonly disabled?: boolean;
  readonly onPress: () => void;
  readonly style: (state: PressableStateCallbackType) => StyleProp<ViewStyle>;
  readonly children: ReactNode;
}

/** The path under which the application lives on its host; empty at the root. */
const BASE = process.env.EXPO_BASE_URL ?? '';

/** Something to touch. With an address it is a real link, which the browser may open elsewhere; here it stays inside. */
export function LinkArea({
  href,
  label,
  current,
  disabled,
  onPress,
  style,
  children,
}: LinkAreaProps) {
  const press = (event: GestureResponderEvent) => {
    const keys = event.nativeEvent as unknown as {
      ctrlKey?: boolean;
      metaKey?: boolean;
      shiftKey?: boolean;
    };
    if (href && (keys.ctrlKey || keys.metaKey || keys.shiftKey)) return;
    event.preventDefault();
    onPress();
  };
  // `href` is known to the web only, and so not to the types.
  const web = { href: href && BASE + href, 'aria-current': current } as object;
  return (
    <Pressable
      role={href ? 'link' : 'button'}
      disabled={disabled ?? false}
      {...(label ? { 'aria-label': label } : {})}
      {...web}
      onPress={press}
      style={style}
    >
      {children}
    </Pressable>
  );
}
