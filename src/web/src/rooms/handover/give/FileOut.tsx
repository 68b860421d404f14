import IosShare from '@mui/icons-material/IosShare';
import SaveAlt from '@mui/icons-material/SaveAlt';
import { Box, Button } from '@mui/material';
import type { Bundle } from '../../../handover/bundle';
import { fileName, saveFile } from '../../../shared/saveFile';

/** The same as a file: through the system's own sharing where there is one, else saved. */
export function FileOut({ bundle }: { bundle: Bundle }) {
  const name = `${fileName(bundle.title)}.handover.json`;
  const text = () => JSON.stringify(bundle);
  const file = () => new File([text()], name, { type: 'application/json' });
  const canShare = typeof navigator.canShare === 'function' && navigator.canShare({ files: [file()] });
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      {canShare && (
        <Button
          variant="outlined"
          startIcon={<IosShare />}
          // Closing the sheet without choosing is no fault.
          onClick={() =>
            void navigator.share({ files: [file()], title: bundle.title }).catch(() => undefined)
          }
        >
          Share as a file
        </Button>
      )}
      <Button
        variant="outlined"
        startIcon={<SaveAlt />}
        onClick={() => saveFile(name, 'application/json', text())}
      >
        Save as a file
      </Button>
    </Box>
  );
}
