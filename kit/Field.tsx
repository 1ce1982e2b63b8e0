import { type RefObject, useId } from 'react';
import { StyleSheet, type TextInput as NativeInput, View } from 'react-native';
import { TextInput } from 'react-native-paper';

import { HEADING_FONT, RADIUS, TEXT_FONT, useLook } from './look';
import { scaledType, useTextScale } from './textScale';
import { Words } from './Words';

interface FieldProps {
  readonly label: string;
  readonly text: string;
  readonly onText: (text: string) => void;
  /** What is wrong with it, beside it; what was typed stays. */
  readonly problem?: string | null;
  readonly hint?: string;
  readonly unit?: string;
  readonly numeric?: boolean;
  readonly big?: boolean;
  readonly lines?: number;
  readonly placeholder?: string;
  readonly onSubmit?: () => void;
  /** The field has the focus. */
  readonly onEnter?: () => void;
  /** The field is left. */
  readonly onLeave?: () => void;
  readonly inputRef?: RefObject<NativeInput | null>;
}

/** A line of text or a number, with its label above and what is wrong below. */
export function Field({
  label,
  text,
  onText,
  problem,
  hint,
  unit,
  numeric,
  big,
  lines,
  placeholder,
  onSubmit,
  onEnter,
  onLeave,
  inputRef,
}: FieldProps) {
  const look = useLook();
  const scale = useTextScale();
  const id = useId();
  const below = problem ?? hint;
  return (
    <View style={styles.stack}>
      <Words size="small" tone="quiet">
        {label}
      </Words>
      <TextInput
        mode="outlined"
        aria-label={label}
        value={text}
        onChangeText={onText}
        error={!!problem}
        dense={!big}
        multiline={!!lines}
        {...(lines ? { numberOfLines: lines } : {})}
        {...(placeholder ? { placeholder } : {})}
        {...(numeric ? { inputMode: 'decimal' as const } : {})}
        {...(onSubmit ? { onSubmitEditing: onSubmit } : {})}
        {...(onEnter ? { onFocus: onEnter } : {})}
        {...(onLeave ? { onBlur: onLeave } : {})}
        {...(inputRef ? { ref: inputRef } : {})}
        {...(below ? { 'aria-describedby': id } : {})}
        {...(problem ? { 'aria-invalid': true } : {})}
        outlineStyle={{ borderRadius: RADIUS, borderWidth: 2 }}
        contentStyle={{
          fontFamily: big ? HEADING_FONT : TEXT_FONT,
          fontSize: scaledType(big ? 34 : 16, scale),
          minHeight: scaledType(big ? 68 : 48, scale),
          fontVariant: ['tabular-nums'],
        }}
        style={{ backgroundColor: look.enamel }}
        {...(unit
          ? {
              right: (
                <TextInput.Affix text={unit} textStyle={{ fontSize: scaledType(16, scale) }} />
              ),
            }
          : {})}
      />
      {below ? (
        <Words id={id} size="small" tone={problem ? 'beet' : 'quiet'} live={!!problem}>
          {below}
        </Words>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: 4, flexShrink: 1, flexGrow: 1 },
});
