import { ChoiceFrame, ChoiceWord } from './ChoiceFrame';

/** One of a few: each is a word to touch, and one is chosen. */
export function Choice<T extends string | number | boolean>({
  label,
  options,
  chosen,
  onChoose,
  hideLabel,
}: {
  readonly label: string;
  readonly options: readonly {
    readonly is: T;
    readonly text: string;
    /** The colour it stands for. */
    readonly swatch?: string;
  }[];
  readonly chosen: T | null;
  readonly onChoose: (is: T) => void;
  readonly hideLabel?: boolean;
}) {
  return (
    <ChoiceFrame label={label} hideLabel={hideLabel} role="radiogroup">
      {options.map(({ is, text, swatch }) => (
        <ChoiceWord
          key={String(is)}
          role="radio"
          text={text}
          swatch={swatch}
          on={is === chosen}
          onPress={() => onChoose(is)}
        />
      ))}
    </ChoiceFrame>
  );
}
