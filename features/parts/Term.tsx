import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { Button, Words } from '@kit';

import { GLOSSARY, type GlossaryTerm } from '../words/glossary';

/** A word of the craft where it first stands on a page: a tap says what it means. */
export function Term({ of }: { readonly of: GlossaryTerm }) {
  const [open, setOpen] = useState(false);
  const { term, means } = GLOSSARY[of];
  return (
    <View>
      <View style={styles.atEdge}>
        <Button kind="bare" icon="help-circle-outline" onPress={() => setOpen(!open)}>
          {`What does “${term.toLowerCase()}” mean?`}
        </Button>
      </View>
      {open && (
        <Words size="small" live>
          {means}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  atEdge: { alignItems: 'flex-start', marginLeft: -8 },
});
