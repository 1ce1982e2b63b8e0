import { admit } from '../journal/schema';
import { entriesOfFirstVersion } from './firstVersion';
import { FORMAT, type FileRead, LONGEST_FILE, type LinesAside, VERSION } from './kitchenFile';

/** At most so many reasons travel; nobody reads more. */
const REASONS = 100;

/**
 * Reads a file somebody chose.
 *
 * @param now the hour at the door
 * @throws Error with a message for the baker when it is no kitchen at all
 */
export function readKitchenFile(text: string, now: number): FileRead {
  if (text.length > LONGEST_FILE)
    throw new Error('This file is larger than any kitchen can be. Nothing was changed.');
  const file = parse(text);
  if (file?.format !== FORMAT || !Array.isArray(file.events))
    throw new Error('This file is not a kitchen exported from Ombrello. Nothing was changed.');
  if (file.version !== 1 && file.version !== VERSION)
    throw new Error('This file comes from a newer Ombrello. Nothing was changed.');
  const admitted = admit(file.events, now);
  const refused = admitted.refused.map(({ because }) => because);
  const zone = typeof file.zone === 'string' ? file.zone : null;
  if (file.version === VERSION)
    return {
      events: admitted.events,
      refused: shortened(refused),
      repeated: admitted.repeated,
      zone,
      setAside: linesAside(file.setAside),
    };
  const { events } = entriesOfFirstVersion({
    events: admitted.events,
    settings: file.settings,
    at: typeof file.exportedAt === 'string' ? file.exportedAt : '',
    now,
  });
  return { events, refused: shortened(refused), repeated: admitted.repeated, zone, setAside: [] };
}

const shortened = (reasons: readonly string[]): readonly string[] =>
  reasons.length > REASONS
    ? [...reasons.slice(0, REASONS), ...Array<string>(reasons.length - REASONS).fill('')]
    : reasons;

function linesAside(raw: unknown): readonly LinesAside[] {
  if (!Array.isArray(raw)) return [];
  return raw.flatMap((item: Partial<LinesAside> | null): readonly LinesAside[] => {
    const { id, at, because, lines } = item ?? {};
    const whole =
      typeof id === 'string' &&
      id.length <= 80 &&
      typeof at === 'string' &&
      typeof because === 'string' &&
      Array.isArray(lines) &&
      lines.every((line) => typeof line === 'string');
    return whole ? [{ id, at, because, lines }] : [];
  });
}

function parse(text: string): Partial<Record<string, unknown>> | null {
  try {
    return JSON.parse(text) as Partial<Record<string, unknown>> | null;
  } catch {
    throw new Error(
      'This file cannot be read: it is not JSON, or it was cut short. Nothing was changed.',
    );
  }
}
