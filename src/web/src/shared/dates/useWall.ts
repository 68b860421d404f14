import type { Dayjs } from 'dayjs';
import { useState } from 'react';
import { asWall, wallText, type Fineness } from './wall';

/**
 * What a date field shows while it is typed: half a date stays as it stands until the field is left, and is told as nothing; what is kept
 * elsewhere shows again when it changes there, or when the field is left with no whole date in it.
 */
export function useWall(value: string, onChange: (text: string) => void, fineness: Fineness) {
  const [kept, setKept] = useState(value);
  const [shown, setShown] = useState(() => asWall(value, fineness));
  if (value !== kept) {
    setKept(value);
    // What comes back from being told is on the screen already.
    if (value !== wallText(shown, fineness)) setShown(asWall(value, fineness));
  }
  return {
    shown,
    type: (next: Dayjs | null) => {
      setShown(next);
      const text = wallText(next, fineness);
      if (text !== value) onChange(text);
    },
    leave: () => {
      if (wallText(shown, fineness) !== value) setShown(asWall(value, fineness));
    },
  };
}
