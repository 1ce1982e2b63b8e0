import { Notice, Button } from '@kit';

/** In place of a jar that is not there. */
export function NoSuchJar() {
  return (
    <Notice
      tone="rim"
      level={1}
      title="There is no such jar in this kitchen"
      actions={<Button href="/">To the shelves</Button>}
    >
      It may be in the other kitchen, or have another name now.
    </Notice>
  );
}
