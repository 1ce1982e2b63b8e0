/** An address under which the page can show a picture, until it is let go. */
export const pictureUrl = (picture: Blob): string => URL.createObjectURL(picture);

export const letGo = (url: string): void => URL.revokeObjectURL(url);
