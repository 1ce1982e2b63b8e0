import { useRouter } from 'expo-router';

import { Notice, Press } from '@kit';

/** In place of a jar that is not there. */
export function NoSuchJar() {
  const router = useRouter();
  return (
    <Notice
      tone="rim"
      level={1}
      title="There is no such jar in this kitchen"
      actions={
        <Press href="/" onPress={() => router.navigate('/')}>
          To the shelves
        </Press>
      }
    >
      It may stand in the other kitchen, or have another name now.
    </Notice>
  );
}
