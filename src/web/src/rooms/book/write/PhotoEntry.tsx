import PhotoCamera from '@mui/icons-material/PhotoCamera';
import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { FileButton } from '../../../shared/FileButton';

const longestSide = 640;
const mostLetters = 120_000;

interface Props {
  photo: string | null;
  onChange: (photo: string | null) => void;
}

/** A picture of the source, made small enough to be sent over a poor line. */
export function PhotoEntry({ photo, onChange }: Props) {
  const [wrong, setWrong] = useState(false);
  const take = async (file: File) => {
    const small = await shrink(file).catch(() => null);
    setWrong(small === null);
    if (small !== null) onChange(small);
  };
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <FileButton
        label={photo ? 'Another picture' : 'A picture of it'}
        name="Picture"
        accept="image/*"
        icon={<PhotoCamera />}
        camera
        onFile={(file) => void take(file)}
      />
      {wrong && <Typography role="alert">That is no picture this browser can read. Take another.</Typography>}
      {photo && (
        <>
          <Box component="img" src={photo} alt="The source" sx={{ maxWidth: '100%', borderRadius: 2 }} />
          <Button onClick={() => onChange(null)}>Leave the picture out</Button>
        </>
      )}
    </Box>
  );
}

async function shrink(file: File): Promise<string> {
  const image = await createImageBitmap(file);
  const scale = Math.min(1, longestSide / Math.max(image.width, image.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(image.width * scale);
  canvas.height = Math.round(image.height * scale);
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  for (const quality of [0.7, 0.5, 0.3]) {
    const made = canvas.toDataURL('image/jpeg', quality);
    if (made.length <= mostLetters) return made;
  }
  throw new Error('The picture stays too large.');
}
