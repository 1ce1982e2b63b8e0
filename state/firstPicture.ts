import { FIRST_PICTURE_KEY, type KitchenName, shelf } from './door';

/** The first page as it last stood: drawn before the application runs, for as long as that takes. See `public/early.js`. */
export interface FirstPicture {
  /** Raised when pages are built otherwise: an older picture is not drawn. */
  readonly format: 1;
  readonly kitchen: KitchenName;
  readonly width: number;
  readonly theme: 'system' | 'light' | 'dark';
  readonly dark: boolean;
  readonly ground: string;
  readonly html: string;
  readonly css: string;
}

/** Keeps a picture. It lies beside the name of the open kitchen, and is drawn only while that is its own. */
export const keepFirstPicture = (picture: FirstPicture): Promise<void> =>
  shelf.setItem(FIRST_PICTURE_KEY, JSON.stringify(picture)).catch(() => undefined);

export const forgetFirstPicture = (): Promise<void> =>
  shelf.removeItem(FIRST_PICTURE_KEY).catch(() => undefined);
