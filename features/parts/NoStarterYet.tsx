import { type ReactNode } from 'react';

import { Button, Panel, Words } from '@kit';
import { selectKitchen, useAppSelector } from '@state';

import { KitchenSwitch } from './KitchenSwitch';

/** A page that has nothing to show without a jar: what will stand here, the way to one, and the demo. */
export function NoStarterYet({
  text,
  children,
}: {
  readonly text: string;
  /** Other ways on. */
  readonly children?: ReactNode;
}) {
  const { name } = useAppSelector(selectKitchen);
  return (
    <Panel>
      <Words>{text}</Words>
      <Button kind="main" href="/add">
        Add a starter
      </Button>
      {children}
      {name === 'own' && <KitchenSwitch name={name} />}
    </Panel>
  );
}
