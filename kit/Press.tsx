import { type ReactNode } from 'react';
import { View } from 'react-native';

import Icon from './Icon';
import { type IconName } from './iconPaths';
import { LinkArea } from './LinkArea';
import { BENCH_TOUCH, RADIUS, RIM, TOUCH, useLook } from './look';
import { Words } from './Words';

interface PressProps {
  readonly children: ReactNode;
  readonly onPress: () => void;
  /** `main` is the one bright action of a screen. */
  readonly kind?: 'main' | 'plain' | 'danger' | 'bare';
  readonly icon?: IconName;
  /** For floury hands. */
  readonly big?: boolean;
  readonly disabled?: boolean;
  readonly grow?: boolean;
  readonly label?: string;
  /** Where it leads, so that it can be opened in another tab. */
  readonly href?: string;
}

/** A button, or a link when it leads somewhere. */
export function Press({
  children,
  onPress,
  kind = 'plain',
  icon,
  big,
  disabled,
  grow,
  label,
  href,
}: PressProps) {
  const look = useLook();
  const tone = kind === 'main' ? 'onCanopy' : kind === 'danger' ? 'beet' : 'rim';
  const border = kind === 'danger' ? look.beet : kind === 'main' ? look.onCanopy : look.rim;
  return (
    <LinkArea
      href={href}
      label={label}
      onPress={onPress}
      disabled={disabled ?? false}
      style={({ pressed }) => ({
        minHeight: big ? BENCH_TOUCH : TOUCH,
        paddingHorizontal: kind === 'bare' ? 8 : 16,
        paddingVertical: 8,
        borderRadius: RADIUS,
        borderWidth: kind === 'bare' ? 0 : RIM,
        borderColor: border,
        backgroundColor:
          kind === 'main' ? look.canopy : kind === 'bare' ? 'transparent' : look.enamel,
        opacity: disabled ? 0.5 : pressed ? 0.75 : 1,
        flexGrow: grow ? 1 : 0,
        flexShrink: 1,
        flexBasis: grow ? 0 : 'auto',
        alignItems: 'center',
        justifyContent: 'center',
      })}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        {icon && <Icon name={icon} size={22} color={look[tone]} />}
        <Words strong tone={tone} center size={big ? 'title' : 'body'}>
          {children}
        </Words>
      </View>
    </LinkArea>
  );
}
