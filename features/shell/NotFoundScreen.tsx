import { Notice, Page, Button } from '@kit';

/** An address that names no place. */
export function NotFoundScreen() {
  return (
    <Page title="Nothing here" narrow>
      <Notice
        tone="rim"
        level={1}
        title="There is nothing at this address"
        actions={<Button href="/">To the shelves</Button>}
      >
        The link may be old, or cut short.
      </Notice>
    </Page>
  );
}
