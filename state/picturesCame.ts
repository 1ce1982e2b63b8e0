import { sharedBetweenTabs } from './door/tabs';

const waiting = new Set<(picture: string) => void>();
const comes = sharedBetweenTabs<string>('picture');
const heard = (picture: string) => {
  for (const came of waiting) came(picture);
};
comes.hear(heard);

/** Is told of every picture that comes from another device, by its name. @returns a function that stops it */
export function whenPictureComes(came: (picture: string) => void): () => void {
  waiting.add(came);
  return () => waiting.delete(came);
}

/** A picture is on this device that was not: all tabs may show it. */
export function pictureCame(picture: string): void {
  heard(picture);
  comes.tell(picture);
}
