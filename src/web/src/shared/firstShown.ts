import { useEffect } from 'react';

let tell: () => void = () => undefined;

/** Settles once the place the page opened with shows what it was opened for. What is for later waits for it. */
export const firstShown = new Promise<void>((resolve) => {
  tell = resolve;
});

/** Told by a place when it shows what it is opened for. */
export function useTellShown(isShown: boolean) {
  useEffect(() => {
    if (isShown) tell();
  }, [isShown]);
}
