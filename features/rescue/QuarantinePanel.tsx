import { laterPart } from '@kit';
import { selectQuarantines, useAppSelector } from '@state';

/** Fetched where a jar was thrown out, which is hardly ever. */
const QuarantineOfJar = laterPart(async () => (await import('./QuarantineOfJar')).QuarantineOfJar);

/** What came from jars that were thrown out, and is still to be looked over. Nothing while there is none. */
export function QuarantinePanel() {
  const quarantines = useAppSelector(selectQuarantines);
  if (quarantines.length === 0) return null;
  return (
    <>
      {quarantines.map((quarantine) => (
        <QuarantineOfJar key={quarantine.thrownOut.id} quarantine={quarantine} />
      ))}
    </>
  );
}
