import { useEffect, useState, useSyncExternalStore } from 'react';
import { View } from 'react-native';

import { type LidDoubt } from '@core/devices/lidLooks';
import { Button, Choice, Field, Words, parseNumber } from '@kit';
import { noticed, selectJars, selectPlaces, useAppDispatch, useAppSelector } from '@state';
import { keepingNow, roleGiven, rolesRead, watchKeeping } from '@state/deviceKeeper';
import { type DeviceRole, FLOOR_MM } from '@state/deviceRoles';

const NOWHERE = '';

const DOUBT_WORDS: Readonly<Record<LidDoubt, string>> = {
  late: 'It came too long after the feed to know the band. It counts from the next feed on.',
  jumped:
    'Its number jumped: knocked, or the lid is off. Nothing is logged until it is back where it was, or the jar is fed.',
  stuck:
    'Its number has not moved for hours, though the jar should have risen. Look whether it hangs.',
};

function useRoles() {
  const dispatch = useAppDispatch();
  const keeping = useSyncExternalStore(watchKeeping, keepingNow);
  useEffect(() => {
    void dispatch(rolesRead());
  }, [dispatch]);
  const give = (device: string, role: DeviceRole | null) =>
    void dispatch(roleGiven(device, role)).then((saved) => {
      if (!saved) dispatch(noticed({ text: 'There is no room in the browser to keep that', undo: [] })); // oxfmt-ignore
    });
  return { ...keeping, give };
}

/** The place whose temperature a thermometer tells, hour by hour. */
export function HangsAt({ device }: { readonly device: string }) {
  const { roles, give } = useRoles();
  const places = useAppSelector(selectPlaces);
  const role = roles[device];
  return (
    <Choice
      label="It hangs at"
      options={[
        { is: NOWHERE, text: 'no place' },
        ...places.map(({ id: is, name: text }) => ({ is, text })),
      ]}
      chosen={role && 'place' in role ? role.place : NOWHERE}
      onChoose={(place) => give(device, place === NOWHERE ? null : { place })}
    />
  );
}

/** The jar that a lid looks into. It has to be shown the floor of the jar once, while it is empty. */
export function SitsOn({ device, mm }: { readonly device: string; readonly mm: number }) {
  const { roles, doubts, give } = useRoles();
  const jars = useAppSelector(selectJars);
  const role = roles[device];
  const on = role && 'jar' in role ? role : null;
  const [floor, setFloor] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const doubt = doubts[device];
  const sit = (jar: string) => {
    if (jar === NOWHERE) return give(device, null);
    const floorMm = on?.floorMm ?? parseNumber(floor);
    const [low, high] = FLOOR_MM;
    if (!(floorMm >= low && floorMm <= high))
      return setProblem(`Between ${low} and ${high} mm: hold it over the empty jar, or measure.`);
    setProblem(null);
    give(device, { jar, floorMm });
  };
  return (
    <View>
      {!on && (
        <>
          <Field
            label="From the lid to the floor of the empty jar"
            text={floor}
            onText={(to) => {
              setFloor(to);
              setProblem(null);
            }}
            numeric
            unit="mm"
            problem={problem}
          />
          <Button kind="bare" onPress={() => setFloor(String(Math.round(mm)))}>
            It is on the empty jar now
          </Button>
        </>
      )}
      <Choice
        label="It sits on"
        options={[
          { is: NOWHERE, text: 'no jar' },
          ...jars.map(({ id: is, card }) => ({ is, text: card.name })),
        ]}
        chosen={on?.jar ?? NOWHERE}
        onChoose={sit}
      />
      {on && doubt && <Words tone="crust">{DOUBT_WORDS[doubt]}</Words>}
      {on && !doubt && (
        <Words size="small" tone="quiet">
          It logs looks by itself from the next feed on, while a page of Ombrello is open.
        </Words>
      )}
    </View>
  );
}
