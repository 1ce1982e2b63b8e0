/** The IANA zone of this device. */
export const deviceZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
