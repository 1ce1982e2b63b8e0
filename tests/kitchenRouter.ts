/** Where the router was asked to go; emptied whenever a screen is shown. */
export const went: string[] = [];

export const mockRouter = {
  navigate: (path: string) => void went.push(path),
  replace: (path: string) => void went.push(path),
  setParams: () => undefined,
};
