import { Button } from '@mui/material';

interface Props {
  label: string;
  /** What the file field is called. */
  name: string;
  accept: string;
  onFile: (file: File) => void;
}

/** A button that opens a file. */
export function FileButton({ label, name, accept, onFile }: Props) {
  return (
    <Button component="label" variant="outlined" role={undefined}>
      {label}
      <input
        type="file"
        accept={accept}
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
