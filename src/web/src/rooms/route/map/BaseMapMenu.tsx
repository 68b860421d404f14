import Delete from '@mui/icons-material/DeleteOutlined';
import LayersOutlined from '@mui/icons-material/LayersOutlined';
import {
  Box,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  FormControlLabel,
  IconButton,
  Radio,
  RadioGroup,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { FileButton } from '../../../shared/FileButton';
import { ProblemLine } from '../../../shared/ProblemLine';
import { plain } from '../../../shared/units';
import type { MapFile } from '../../../store/mapFiles';

interface Props {
  files: MapFile[];
  used: string | null;
  onUse: (id: string | null) => void;
  onAdd: (file: File) => Promise<void>;
  onRemove: (id: string) => Promise<void>;
  wrong: string | null;
}

const none = 'none';

/** What lies under the line: nothing, or a map file that the person keeps on this device. */
export function BaseMapMenu({ files, used, onUse, onAdd, onRemove, wrong }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button
        variant="outlined"
        startIcon={<LayersOutlined />}
        onClick={() => setOpen(true)}
        sx={{ position: 'absolute', right: 8, bottom: 8, zIndex: 1, bgcolor: 'background.paper', px: 1.5 }}
      >
        Map
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} fullWidth maxWidth="xs" aria-labelledby="base-map">
        <DialogTitle id="base-map">What lies under the line</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 1 }}>
          <RadioGroup
            aria-label="Map under the line"
            value={used ?? none}
            onChange={(_, id) => onUse(id === none ? null : id)}
          >
            <FormControlLabel value={none} control={<Radio />} label="Plain paper" />
            {files.map(({ id, name, bytes }) => (
              <Box key={id} sx={{ display: 'flex', alignItems: 'center' }}>
                <FormControlLabel
                  value={id}
                  control={<Radio />}
                  label={`${name}, ${plain(bytes / 1e6, 1)} MB`}
                  sx={{ flex: 1, minWidth: 0 }}
                />
                <IconButton aria-label={`Remove ${name}`} onClick={() => void onRemove(id)}>
                  <Delete />
                </IconButton>
              </Box>
            ))}
          </RadioGroup>
          <Typography variant="body2" color="text.secondary">
            A map file of your own (PMTiles, drawn or as pictures) is kept on this device and needs no signal.
            Nothing is fetched from anywhere.
          </Typography>
          {wrong && <ProblemLine>{wrong}</ProblemLine>}
          <Box>
            <FileButton
              label="Add a map file"
              name="Map file"
              accept=".pmtiles"
              onFile={(file) => void onAdd(file)}
            />
          </Box>
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setOpen(false)}>Done</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
