import { ChoiceFrame, ChoiceWord } from './ChoiceFrame';

/** Any of some: each is a word to touch, and touched again to take it back. */
export function Choices<T extends string>({
  label,
  options,
  chosen,
  onChoose,
  hideLabel,
}: {
  readonly label: string;
  readonly options: readonly { readonly is: T; readonly text: string }[];
  readonly chosen: readonly T[];
  readonly onChoose: (chosen: readonly T[]) => void;
  readonly hideLabel?: boolean;
}) {
  return (
    <ChoiceFrame label={label} hideLabel={hideLabel} role="group">
      {options.map(({ is, text }) => {
        const on = chosen.includes(is);
        return (
          <ChoiceWord
            key={is}
            role="checkbox"
            text={text}
            on={on}
            onPress={() => onChoose(on ? chosen.filter((c) => c !== is) : [...chosen, is])}
          />
        );
      })}
    </ChoiceFrame>
  );
}
