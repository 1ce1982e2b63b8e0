import { NativeInput } from './NativeInput';

/** A day, through the browser's own picker: `2026-03-13`, or nothing. */
export function DayField(props: {
  readonly label: string;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly problem?: string | null;
}) {
  return <NativeInput type="date" {...props} />;
}
