import { Button } from '@mui/material';
import type { ReactNode } from 'react';

export interface FilesButtonProps {
  label: string;
  /** What the file field is called. */
  name: string;
  accept: string;
  icon?: ReactNode;
  /** Whether a phone opens its camera for it. */
  camera?: boolean;
  /** Whether several may be opened at once. */
  multiple?: boolean;
  onFiles: (files: File[]) => void;
}

/** A button that opens files. */
export function FilesButton({ label, name, accept, icon, camera, multiple, onFiles }: FilesButtonProps) {
  return (
    <Button component="label" variant="outlined" role={undefined} startIcon={icon}>
      {label}
      <input
        type="file"
        accept={accept}
        multiple={multiple}
        capture={camera ? 'environment' : undefined}
        aria-label={name}
        style={{ position: 'absolute', opacity: 0, width: 1, height: 1 }}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          if (files.length > 0) onFiles(files);
          event.target.value = '';
        }}
      />
    </Button>
  );
}
