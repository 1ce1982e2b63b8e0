import { useEffect } from 'react';
import { View } from 'react-native';

import { RADIUS, RIM, useLook } from './look';
import { Press } from './Press';
import { Words } from './Words';

/** How long the offer stands, ms; longer than a hurried reader needs. */
const STAYS = 9000;

/** What was just done, and the way back. */
export function UndoBar({
  text,
  onUndo,
  onClose,
}: {
  readonly text: string;
  readonly onUndo: (() => void) | null;
  readonly onClose: () => void;
}) {
  const look = useLook();
  useEffect(() => {
    const timer = setTimeout(onClose, STAYS);
    return () => clearTimeout(timer);
  }, [text, onClose]);
  return (
    <View
      role="status"
      style={{
        position: 'absolute',
        left: 0,
        right: 0,
        bottom: 12,
        alignItems: 'center',
        pointerEvents: 'box-none',
      }}
    >
      <View
        style={{
          flexDirection: 'row',
          alignItems: 'center',
          gap: 8,
          maxWidth: 560,
          marginHorizontal: 16,
          paddingLeft: 16,
          paddingRight: 4,
          paddingVertical: 2,
          backgroundColor: look.enamel,
          borderColor: look.leaf,
          borderWidth: RIM,
          borderRadius: RADIUS,
        }}
      >
        <Words style={{ flexShrink: 1 }}>{text}</Words>
        {onUndo && (
          <Press kind="bare" icon="undo" onPress={onUndo}>
            Undo
          </Press>
        )}
        <Press kind="bare" icon="close" label="Close" onPress={onClose}>
          {''}
        </Press>
      </View>
    </View>
  );
}
