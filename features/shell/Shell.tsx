import { Slot, usePathname } from 'expo-router';
import { useCallback } from 'react';
import { View } from 'react-native';

import { Icon, type IconName, LinkArea, RADIUS, RIM, UndoBar, Words, useLook, useWide } from '@kit';
import { noticeClosed, undoNotice, useAppDispatch, useAppSelector } from '@state';

import { NewerVersion } from './NewerVersion';
import { PageBoundary } from './PageBoundary';
import { Shortcuts } from './Shortcuts';
import { StoreFaults } from './StoreFaults';
import { useFirstPicture } from './useFirstPicture';
import { ZoneQuestion } from './ZoneQuestion';

const PLACES: readonly {
  readonly path: '/' | '/plan' | '/larder' | '/journal' | '/help';
  readonly name: string;
  readonly icon: IconName;
}[] = [
  { path: '/', name: 'Now', icon: 'umbrella-outline' },
  { path: '/plan', name: 'Plan', icon: 'tune-variant' },
  { path: '/larder', name: 'Larder', icon: 'cupboard-outline' },
  { path: '/journal', name: 'Journal', icon: 'notebook-outline' },
  { path: '/help', name: 'Help', icon: 'help-circle-outline' },
];

/** Which of the places a path belongs to. */
function placeOf(path: string): string {
  if (path.startsWith('/journal') || path.startsWith('/compare')) return '/journal';
  if (/^\/(plan|dough|away)/.test(path)) return '/plan';
  if (/^\/(larder|make)/.test(path)) return '/larder';
  if (/^\/(help|settings|trouble|start|schools)/.test(path)) return '/help';
  return '/';
}

/** What stands around every screen: the places, the undo bar, faults of the store, shortcuts. */
export function Shell() {
  const look = useLook();
  const wide = useWide();
  const path = usePathname();
  const atBench = path.endsWith('/feed');
  const notice = useAppSelector((state) => state.notice);
  // What was done is said when it is in the store, and cannot be lost any more.
  const safe = useAppSelector(({ kitchen }) => kitchen.pending.length === 0);
  const dispatch = useAppDispatch();
  useFirstPicture(path === '/');
  const close = useCallback(() => dispatch(noticeClosed()), [dispatch]);
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column', backgroundColor: look.ground }}>
      {wide && <Places rail />}
      <View style={{ flex: 1, minHeight: 0, minWidth: 0 }}>
        <StoreFaults />
        <ZoneQuestion />
        <NewerVersion />
        <PageBoundary key={path}>
          <Slot />
        </PageBoundary>
        <UndoBar
          text={notice && safe ? notice.text : null}
          onUndo={notice && notice.undo.length > 0 ? () => dispatch(undoNotice()) : null}
          onClose={close}
        />
      </View>
      {!wide && !atBench && <Places />}
      <Shortcuts />
    </View>
  );
}

function Places({ rail }: { readonly rail?: boolean }) {
  const look = useLook();
  const here = placeOf(usePathname());
  return (
    <View
      role="navigation"
      testID="lasting-all"
      aria-label="Places"
      style={{
        flexDirection: rail ? 'column' : 'row',
        justifyContent: rail ? 'flex-start' : 'space-around',
        gap: rail ? 8 : 0,
        paddingTop: rail ? 24 : 6,
        paddingBottom: 8,
        width: rail ? 104 : '100%',
        alignItems: 'center',
        backgroundColor: look.enamel,
        borderColor: look.rim,
        borderTopWidth: rail ? 0 : RIM,
        borderRightWidth: rail ? RIM : 0,
      }}
    >
      {PLACES.map(({ path, name, icon }) => {
        const on = here === path;
        return (
          <LinkArea
            key={path}
            href={path}
            current={on ? 'page' : undefined}
            style={{
              alignItems: 'center',
              gap: 3,
              minWidth: 64,
              minHeight: 52,
              justifyContent: 'center',
            }}
          >
            <View
              style={{
                paddingHorizontal: 14,
                paddingVertical: 3,
                borderRadius: RADIUS,
                backgroundColor: on ? look.canopy : 'transparent',
              }}
            >
              <Icon name={icon} size={24} color={on ? look.onCanopy : look.ink} />
            </View>
            <Words size="small" strong={on}>
              {name}
            </Words>
          </LinkArea>
        );
      })}
    </View>
  );
}
