import { createElement, useId } from 'react';
import { View } from 'react-native';

import { RADIUS, TEXT_FONT, useLook } from './look';
import { Words } from './Words';

/** A field whose picker the browser brings along. */
export function NativeInput({
  type,
  label,
  text,
  onText,
  problem,
}: {
  readonly type: 'date' | 'datetime-local';
  readonly label: string;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly problem?: string | null;
}) {
  const look = useLook();
  const id = useId();
  return (
    <View style={{ gap: 4 }}>
      <Words size="small" tone="quiet">
        {label}
      </Words>
      {createElement('input', {
        type,
        'aria-label': label,
        'aria-invalid': !!problem,
        'aria-describedby': problem ? id : undefined,
        value: text,
        onChange: (event: { target: { value: string } }) => onText(event.target.value),
        style: {
          font: `400 16px ${TEXT_FONT}`,
          height: 44,
          padding: '0 12px',
          color: look.ink,
          background: look.enamel,
          border: `2px solid ${problem ? look.beet : look.rim}`,
          borderRadius: RADIUS,
          minWidth: 0,
        },
      })}
      {problem && (
        <Words id={id} size="small" tone="beet" live>
          {problem}
        </Words>
      )}
    </View>
  );
}
