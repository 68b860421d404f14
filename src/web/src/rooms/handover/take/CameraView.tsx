import { Box } from '@mui/material';
import { useEffect, useRef } from 'react';
import { readCode } from './readCode';

interface Props {
  /** What each code seen says. */
  onCode: (bytes: Uint8Array) => void;
  onFault: (words: string) => void;
}

/** What the camera sees, looked through for codes as fast as the device can. */
export function CameraView({ onCode, onFault }: Props) {
  const video = useRef<HTMLVideoElement>(null);
  const told = useRef({ onCode, onFault });
  useEffect(() => {
    told.current = { onCode, onFault };
  });
  useEffect(() => {
    let stream: MediaStream | undefined;
    let frame = 0;
    let over = false;
    const look = () => {
      const seen = video.current;
      if (over || !seen) return;
      if (seen.readyState >= HTMLMediaElement.HAVE_CURRENT_DATA) {
        const bytes = readCode(seen, seen.videoWidth, seen.videoHeight);
        if (bytes) told.current.onCode(bytes);
      }
      frame = requestAnimationFrame(look);
    };
    const start = async () => {
      try {
        stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
        if (over || !video.current) return;
        video.current.srcObject = stream;
        await video.current.play();
        look();
      } catch {
        if (!over)
          told.current.onFault(
            'The camera could not be opened. Allow it in the browser, or choose pictures of the codes or the file instead.',
          );
      }
    };
    void start();
    return () => {
      over = true;
      cancelAnimationFrame(frame);
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);
  return (
    <Box
      component="video"
      ref={video}
      muted
      playsInline
      aria-label="What the camera sees"
      sx={{ width: 1, maxHeight: '55vh', bgcolor: '#000', borderRadius: 2, objectFit: 'cover' }}
    />
  );
}
