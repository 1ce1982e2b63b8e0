import { NativeInput } from './NativeInput';

/** A day and a time, through the browser's own picker. The text is local: `2026-03-13T18:20`. */
export function MomentField(props: {
  readonly label: string;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly problem?: string | null;
}) {
  return <NativeInput type="datetime-local" {...props} />;
}
