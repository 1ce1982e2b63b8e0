import { useRouter } from 'expo-router';

import { Notice, Page, Press } from '@kit';

/** An address that names no place. */
export function NotFoundScreen() {
  const router = useRouter();
  return (
    <Page narrow>
      <Notice
        tone="rim"
        level={1}
        title="There is nothing at this address"
        actions={
          <Press href="/" onPress={() => router.navigate('/')}>
            To the shelves
          </Press>
        }
      >
        The link may be old, or cut short.
      </Notice>
    </Page>
  );
}
