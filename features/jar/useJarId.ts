import { selectJarAt, useAppSelector } from '@state';

/** The key of the jar at an address, `/jar/grebe`; the address itself where there is none, for the page to say so. */
export const useJarId = (address: string): string =>
  useAppSelector((state) => selectJarAt(state, address)) ?? address;
