import { type Href, usePathname } from 'expo-router';
import { TabList, TabSlot, TabTrigger, Tabs } from 'expo-router/ui';
import { useCallback, useState } from 'react';
import { StyleSheet, View } from 'react-native';

import {
  Button,
  FootContext,
  Icon,
  type IconName,
  LinkArea,
  PageHelpContext,
  RADIUS,
  RIM,
  TouchArea,
  TextScaleContext,
  UndoBar,
  Words,
  laterPart,
  skipToPage,
  useLook,
  useLow,
  useRail,
  useTextScale,
} from '@kit';
import { noticeClosed, undoNotice, useAppDispatch, useAppSelector } from '@state';

import { NewerVersion } from './NewerVersion';
import { Shortcuts } from './Shortcuts';
import { StoreFaults } from './StoreFaults';
import { useFirstPicture } from './useFirstPicture';
import { ZoneQuestion } from './ZoneQuestion';

const PLACES: readonly {
  /** The folder of its routes. */
  readonly group: string;
  readonly path: '/' | '/plan' | '/larder' | '/journal' | '/help';
  readonly name: string;
  readonly icon: IconName;
}[] = [
  { group: '(now)', path: '/', name: 'Now', icon: 'umbrella-outline' },
  { group: '(plan)', path: '/plan', name: 'Plan', icon: 'tune-variant' },
  { group: '(larder)', path: '/larder', name: 'Larder', icon: 'cupboard-outline' },
  { group: '(journal)', path: '/journal', name: 'Journal', icon: 'notebook-outline' },
  { group: '(help)', path: '/help', name: 'Help', icon: 'help-circle-outline' },
];

/** Six names stand side by side at the foot: larger they would not all be there. Each is a mark as well. */
const MOST_IN_PLACES = 1.2;

/** What stands around every screen: the places, the undo bar, faults of the store, shortcuts. */
export function Shell() {
  const look = useLook();
  const rail = useRail();
  const low = useLow();
  const [finding, setFinding] = useState(false);
  const [helping, setHelping] = useState<'touched' | 'key' | null>(null);
  const find = useCallback(() => setFinding(true), []);
  const help = useCallback(() => setHelping('touched'), []);
  const helpByKey = useCallback(() => setHelping('key'), []);
  const path = usePathname();
  const atBench = path.endsWith('/feed');
  const notice = useAppSelector((state) => state.notice);
  // What was done is said when it is in the store, and cannot be lost any more.
  const safe = useAppSelector(({ kitchen }) => kitchen.pending.length === 0);
  const dispatch = useAppDispatch();
  useFirstPicture(path === '/');
  const close = useCallback(() => dispatch(noticeClosed()), [dispatch]);
  const [footed, setFooted] = useState(false);
  const undoBar = (
    <UndoBar
      text={notice && safe ? notice.text : null}
      onUndo={notice && notice.undo.length > 0 ? () => dispatch(undoNotice()) : null}
      onClose={close}
    />
  );
  return (
    <Tabs
      options={{ backBehavior: 'fullHistory' }}
      style={[rail ? styles.beside : styles.above, { backgroundColor: look.ground }]}
    >
      <SkipLink />
      <View style={styles.middle}>
        <StoreFaults />
        <ZoneQuestion />
        <NewerVersion />
        {/* Where a page has its main button at its foot, no message comes up under a finger that is on its way to it. */}
        {footed && undoBar}
        <FootContext.Provider value={setFooted}>
          <PageHelpContext.Provider value={help}>
            <TabSlot style={styles.slot} />
          </PageHelpContext.Provider>
        </FootContext.Provider>
        {!footed && undoBar}
      </View>
      <TabList asChild>
        <View
          role="navigation"
          testID="lasting-all"
          aria-label="Places"
          // The list hands its own style down, and can mix it with one object only.
          style={StyleSheet.flatten([
            styles.places,
            rail ? styles.rail : styles.bar,
            rail && low && styles.low,
            { backgroundColor: look.enamel, borderColor: look.rim },
            !rail && atBench && styles.away,
          ])}
        >
          {PLACES.map(({ group, path: to, name, icon }) => (
            <TabTrigger key={group} name={group} href={to} asChild>
              <PlaceLink to={to} name={name} icon={icon} />
            </TabTrigger>
          ))}
          <TouchArea onPress={find} style={styles.place}>
            <View style={styles.mark}>
              <Icon name="magnify" size={24} color={look.ink} />
            </View>
            <PlaceName>Find</PlaceName>
          </TouchArea>
          {rail && !low && (
            // At the rail's foot, away from the places of every day.
            <View style={styles.last}>
              <LinkArea
                href="/settings"
                current={path === '/settings' ? 'page' : undefined}
                style={styles.place}
              >
                <View style={styles.mark}>
                  <Icon name="cog-outline" size={24} color={look.ink} />
                </View>
                <Words size="small" strong={path === '/settings'}>
                  Settings
                </Words>
              </LinkArea>
            </View>
          )}
        </View>
      </TabList>

      <Shortcuts onFind={find} onHelp={helpByKey} />
      {helping && <PageHelp keys={rail || helping === 'key'} onClose={() => setHelping(null)} />}
      {finding && <Find onClose={() => setFinding(false)} />}
    </Tabs>
  );
}

/** Fetched when somebody looks for something. */
const Find = laterPart(async () => (await import('./Find')).Find);
/** Fetched when somebody asks. */
const PageHelp = laterPart(async () => (await import('./PageHelp')).PageHelp);

/** The first thing that Tab comes to: past the messages, to the page. Seen while it has the focus. */
function SkipLink() {
  const [seen, setSeen] = useState(false);
  return (
    <View
      style={[styles.skip, !seen && styles.unseen]}
      onFocus={() => setSeen(true)}
      onBlur={() => setSeen(false)}
    >
      <Button kind="plain" onPress={skipToPage}>
        Skip to the page
      </Button>
    </View>
  );
}

/** A place to go to, as it was left. */
function PlaceLink({
  to,
  name,
  icon,
  isFocused = false,
}: {
  readonly to: Href;
  readonly name: string;
  readonly icon: IconName;
  readonly isFocused?: boolean;
}) {
  const look = useLook();
  return (
    <LinkArea href={to} current={isFocused ? 'page' : undefined} style={styles.place}>
      <View style={[styles.mark, isFocused && { backgroundColor: look.canopy }]}>
        <Icon name={icon} size={24} color={isFocused ? look.onCanopy : look.ink} />
      </View>
      <PlaceName strong={isFocused}>{name}</PlaceName>
    </LinkArea>
  );
}

function PlaceName({
  strong = false,
  children,
}: {
  readonly strong?: boolean;
  readonly children: string;
}) {
  const scale = useTextScale();
  return (
    <TextScaleContext.Provider value={Math.min(scale, MOST_IN_PLACES)}>
      <Words size="small" strong={strong}>
        {children}
      </Words>
    </TextScaleContext.Provider>
  );
}

const styles = StyleSheet.create({
  // The places come last in the page and stand first on a wide screen.
  beside: { flex: 1, flexDirection: 'row-reverse' },
  above: { flex: 1, flexDirection: 'column' },
  middle: { flex: 1, minHeight: 0, minWidth: 0 },
  slot: { flex: 1, minHeight: 0, minWidth: 0 },
  places: { alignItems: 'center', paddingBottom: 8 },
  rail: {
    flexDirection: 'column',
    justifyContent: 'flex-start',
    gap: 8,
    paddingTop: 24,
    width: 104,
    borderRightWidth: RIM,
  },
  low: { gap: 0, paddingTop: 4, paddingBottom: 0 },
  bar: {
    flexDirection: 'row',
    justifyContent: 'space-around',
    paddingTop: 6,
    width: '100%',
    borderTopWidth: RIM,
  },
  away: { display: 'none' },
  place: { alignItems: 'center', justifyContent: 'center', gap: 3, minWidth: 52, minHeight: 52 },
  last: { marginTop: 'auto' },
  skip: { position: 'absolute', top: 8, left: 8, zIndex: 2 },
  // Out of the way of fingers too, until it has the focus.
  unseen: { top: -200 },
  mark: { paddingHorizontal: 12, paddingVertical: 3, borderRadius: RADIUS },
});
