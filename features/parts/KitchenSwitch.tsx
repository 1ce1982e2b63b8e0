import { useStore } from 'react-redux';

import { Button } from '@kit';
import { type KitchenName, type Store, openKitchen } from '@state';

/** The quiet way out of the demo and back. Neither kitchen loses anything. */
export function KitchenSwitch({ name }: { readonly name: KitchenName }) {
  const store = useStore() as Store;
  const other = name === 'demo' ? 'own' : 'demo';
  return (
    <Button kind="bare" onPress={() => void openKitchen(store, other)}>
      {name === 'demo' ? 'This is the demo: open my kitchen' : 'Look at the demo'}
    </Button>
  );
}
