/** A line on which a server tells what happens; it is taken up again by itself when it breaks. */
export interface TellingLine {
  /** What is done with each sort of event, by its name. */
  readonly told: Readonly<Record<string, (data: string) => void>>;
  /** It broke; or the server would not have it. */
  readonly onBroken: (refused: boolean) => void;
}

/** Listens to an address of this host. @returns a function that hangs up */
export function listenTo(address: string, { told, onBroken }: TellingLine): () => void {
  const line = new EventSource(address);
  for (const [name, tell] of Object.entries(told))
    line.addEventListener(name, ({ data }: MessageEvent<string>) => tell(data));
  line.onerror = () => onBroken(line.readyState === EventSource.CLOSED);
  return () => line.close();
}

/** Posts a text to an address of this host. @returns whether it was taken */
export const postTo = (
  address: string,
  key: string,
  { type, text }: { readonly type: string; readonly text: string },
): Promise<boolean> =>
  fetch(address, {
    method: 'POST',
    headers: { authorization: `Bearer ${key}`, 'content-type': type },
    body: text,
  }).then(
    ({ ok }) => ok,
    () => false,
  );
