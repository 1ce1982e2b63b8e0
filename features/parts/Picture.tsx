import { useEffect, useState } from 'react';
import { Image, StyleSheet, View } from 'react-native';

import { type Pictured } from '@core/journal';
import { Words, letGo, pictureUrl, useLook } from '@kit';
import { useAppDispatch } from '@state';
import { pictureOf } from '@state/pictures';
import { whenPictureComes } from '@state/picturesCame';

/** A picture of the kitchen, in the width that is given. */
export function Picture({
  pictured,
  label,
  width,
}: {
  readonly pictured: Pictured;
  /** What it shows, for those who do not see it. */
  readonly label: string;
  readonly width: number;
}) {
  const look = useLook();
  const url = usePictureUrl(pictured.picture);
  const height = (width * pictured.height) / pictured.width;
  return (
    <View
      style={[styles.frame, { width, height, borderColor: look.rim, backgroundColor: look.mist }]}
    >
      {url === null && (
        <Words size="small" tone="quiet">
          This picture is not on this device.
        </Words>
      )}
      {url && <Image source={{ uri: url }} accessibilityLabel={label} style={styles.picture} />}
    </View>
  );
}

/** The address of a kept picture; undefined until it was read, null where it is not here. */
function usePictureUrl(id: string): string | null | undefined {
  const dispatch = useAppDispatch();
  const [url, setUrl] = useState<string | null | undefined>(undefined);
  useEffect(() => {
    let held: string | null = null;
    let gone = false;
    const read = () =>
      void dispatch(pictureOf(id)).then((picture) => {
        if (gone) return;
        if (held) letGo(held);
        held = picture && pictureUrl(picture);
        setUrl(held);
      });
    read();
    // It may only be on another device by now.
    const stop = whenPictureComes((came) => {
      if (came === id) read();
    });
    return () => {
      gone = true;
      stop();
      if (held) letGo(held);
    };
  }, [dispatch, id]);
  return url;
}

const styles = StyleSheet.create({
  frame: { borderWidth: 2, borderRadius: 10, overflow: 'hidden', justifyContent: 'center' },
  picture: { width: '100%', height: '100%' },
});
