import { createElement } from 'react';
import { StyleSheet, View } from 'react-native';

import { TOUCH, useLook } from '../look';
import { Words } from '../Words';

/** A number slid along, with what it says beside its name. The browser's own control: drag, arrow keys, page keys. */
export function Slider({
  label,
  value,
  low,
  high,
  step,
  text,
  onValue,
}: {
  readonly label: string;
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly step: number;
  /** The value in words. */
  readonly text: string;
  readonly onValue: (value: number) => void;
}) {
  const look = useLook();
  return (
    <View>
      <View style={styles.apart}>
        <Words size="small" tone="quiet">
          {label}
        </Words>
        <Words size="small" strong>
          {text}
        </Words>
      </View>
      {createElement('input', {
        type: 'range',
        'aria-label': label,
        'aria-valuetext': text,
        min: low,
        max: high,
        step,
        value,
        onChange: (event: { target: { value: string } }) => onValue(Number(event.target.value)),
        style: { accentColor: look.rim, height: TOUCH, width: '100%', margin: 0 },
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  apart: { flexDirection: 'row', justifyContent: 'space-between', gap: 8 },
});
