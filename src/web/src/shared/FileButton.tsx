import { Button } from '@mui/material';
import type { ReactNode } from 'react';

interface Props {
  label: string;
  /** What the file field is called. */
  name: string;
  accept: string;
  icon?: ReactNode;
  /** Whether a phone opens its camera for it. */
  camera?: boolean;
  onFile: (file: File) => void;
}

/** A button that opens a file. */
export function FileButton({ label, name, accept, icon, camera, onFile }: Props) {
  return (
    <Button component="label" variant="outlined" role={undefined} startIcon={icon}>
      {label}
      <input
        type="file"
        accept={accept}
        capture={camera ? 'environment' : undefined}
        aria-label={name}
        style={{ position: 'absolute', opacity: 0, width: 1, height: 1 }}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onFile(file);
          event.target.value = '';
        }}
      />
    </Button>
  );
}
