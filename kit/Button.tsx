import { type Href } from 'expo-router';
import { StyleSheet, type TextStyle, type ViewStyle } from 'react-native';
import { IconButton, Button as PaperButton } from 'react-native-paper';

import Icon from './Icon';
import { type IconName } from './iconPaths';
import { Leading, followed } from './Leading';
import { BENCH_TOUCH, type Look, RADIUS, RIM, TOUCH, useLook } from './look';
import { LARGE_TEXT, useTextScale } from './textScale';
import { useType } from './Words';

/** `main` is the one bright action of a screen. */
type Kind = 'main' | 'plain' | 'danger' | 'bare';

interface Looks {
  readonly children: string;
  readonly kind?: Kind;
  readonly icon?: IconName;
  /** For floury hands. */
  readonly big?: boolean;
  readonly disabled?: boolean;
  readonly grow?: boolean;
  /** Where the words on it do not say enough. */
  readonly label?: string;
}

/** It does something, or it leads somewhere. */
type ButtonProps = Looks &
  (
    | { readonly onPress: () => void; readonly href?: undefined }
    | { readonly href: Href; readonly onPress?: undefined }
  );

const MODES = { main: 'contained', plain: 'outlined', danger: 'outlined', bare: 'text' } as const;
/** Paper's buttons are five times as round as its theme says. */
const ROUND = { roundness: RADIUS / 5 };

/** A button, or a link when it leads somewhere. */
export function Button({
  children,
  onPress,
  kind = 'plain',
  icon,
  big,
  disabled,
  grow,
  label,
  href,
}: ButtonProps) {
  const look = useLook();
  const { ink, paint } = coloursOf(kind, look);
  const type = useType(big ? 'title' : 'body');
  const scale = useTextScale();
  const button = (
    <PaperButton
      mode={MODES[kind]}
      onPress={onPress ?? followed}
      disabled={disabled ?? false}
      {...(label ? { accessibilityLabel: label } : {})}
      {...(icon ? { icon: ({ color }) => <Icon name={icon} size={22} color={color} /> } : {})}
      textColor={ink}
      buttonColor={paint}
      theme={ROUND}
      style={[
        styles.button,
        kind === 'bare' ? null : [styles.rim, { borderColor: disabled ? look.seam : ink }],
        // Large words take the room they need, and go to a line of their own.
        scale >= LARGE_TEXT && styles.wholeWord,
        grow && (scale < LARGE_TEXT ? styles.grow : styles.growWide),
      ]}
      contentStyle={big ? styles.big : styles.content}
      labelStyle={[
        type,
        styles.label,
        kind === 'bare' ? (icon ? styles.bareBesideIcon : styles.bareLabel) : null,
        kind !== 'bare' && (icon ? styles.besideIcon : styles.aloneLabel),
      ]}
    >
      {children}
    </PaperButton>
  );
  return href ? <Leading to={href}>{button}</Leading> : button;
}

/** A button that is only an icon. */
export function IconOnly({
  icon,
  label,
  open,
  onPress,
}: {
  readonly icon: IconName;
  readonly label: string;
  /** Whether what it opens is open. */
  readonly open?: boolean;
  readonly onPress: () => void;
}) {
  const look = useLook();
  return (
    <IconButton
      icon={icon}
      iconColor={look.rim}
      containerColor="transparent"
      accessibilityLabel={label}
      {...(open === undefined ? {} : { accessibilityState: { expanded: open } })}
      onPress={onPress}
      style={styles.iconOnly}
    />
  );
}

const coloursOf = (kind: Kind, look: Look) =>
  ({
    main: { ink: look.onCanopy, paint: look.canopy },
    plain: { ink: look.rim, paint: look.enamel },
    danger: { ink: look.beet, paint: look.enamel },
    bare: { ink: look.rim, paint: 'transparent' },
  })[kind];

const styles = StyleSheet.create({
  // Beside one that wraps it is as tall, and its words stay in the middle.
  button: { flexShrink: 1, minWidth: TOUCH, justifyContent: 'center' },
  rim: { borderWidth: RIM },
  grow: { flexGrow: 1, flexBasis: 0 },
  // No narrower than its longest word.
  wholeWord: { minWidth: 'min-content' } as unknown as ViewStyle,
  growWide: { flexGrow: 1, flexBasis: 'auto' },
  content: { minHeight: TOUCH - 2 * RIM },
  big: { minHeight: BENCH_TOUCH - 2 * RIM },
  // Paper would cut a long label; here it wraps.
  label: {
    fontWeight: '700',
    letterSpacing: 0,
    marginVertical: 6,
    whiteSpace: 'normal',
  } as TextStyle,
  aloneLabel: { marginHorizontal: 16 },
  besideIcon: { marginLeft: 24, marginRight: 16 },
  bareLabel: { marginHorizontal: 8 },
  bareBesideIcon: { marginLeft: 16, marginRight: 8 },
  iconOnly: { width: TOUCH, height: TOUCH, margin: 0 },
});
