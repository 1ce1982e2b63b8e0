import { LinkArea, TOUCH, type Umbrella, UmbrellaMark, Words, useLook } from '@kit';

/** A line with its mark that leads somewhere. */
export function MarkRow({
  umbrella,
  text,
  path,
  first,
  onPress,
}: {
  readonly umbrella: Umbrella;
  readonly text: string;
  readonly path: string;
  readonly first: boolean;
  readonly onPress: () => void;
}) {
  const look = useLook();
  return (
    <LinkArea
      href={path}
      onPress={onPress}
      style={({ pressed }) => ({
        flexDirection: 'row',
        alignItems: 'center',
        gap: 12,
        minHeight: TOUCH,
        paddingHorizontal: 4,
        opacity: pressed ? 0.7 : 1,
        borderTopWidth: first ? 0 : 1,
        borderTopColor: look.seam,
      })}
    >
      <UmbrellaMark umbrella={umbrella} size={24} />
      <Words style={{ flex: 1 }}>{text}</Words>
    </LinkArea>
  );
}
