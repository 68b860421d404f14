import TimerOutlined from '@mui/icons-material/TimerOutlined';
import { Button } from '@mui/material';
import { useState } from 'react';

interface Props {
  /** What is known to go in, L. */
  fillL: number | null | undefined;
  onChange: (part: { fillSeconds: number; fillL: number }) => void;
}

/** Times the filling of a bottle: one tap when it begins, one when it is full. */
export function FillTimer({ fillL, onChange }: Props) {
  const [since, setSince] = useState<number | null>(null);
  const tap = () => {
    if (since === null) {
      setSince(Date.now());
      return;
    }
    // A tap is not nearer than half a second.
    const seconds = Math.max(1, Math.round((Date.now() - since) / 500) / 2);
    setSince(null);
    onChange({ fillSeconds: seconds, fillL: fillL ?? 1 });
  };
  return (
    <Button
      variant={since === null ? 'outlined' : 'contained'}
      size="large"
      startIcon={<TimerOutlined />}
      onClick={tap}
      sx={{ minHeight: 56 }}
    >
      {since === null ? 'Time the filling of a bottle' : 'Full now'}
    </Button>
  );
}
