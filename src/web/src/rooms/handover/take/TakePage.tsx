import PhotoCamera from '@mui/icons-material/PhotoCamera';
import { Alert, Box, Button, LinearProgress, Typography } from '@mui/material';
import { useRef, useState } from 'react';
import { calculate } from '../../../core/core';
import { readBundle, unpack, type Bundle } from '../../../handover/bundle';
import { FrameGatherer } from '../../../handover/frames';
import { lookAt, takeIn, type Incoming } from '../../../handover/takeIn';
import { FileButton } from '../../../shared/FileButton';
import { FilesButton } from '../../../shared/FilesButton';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { mayWrite } from '../../../store/books';
import { useStore } from '../../../store/StoreContext';
import { CameraView } from './CameraView';
import { ComingIn } from './ComingIn';
import { readCode } from './readCode';

interface Found {
  bundle: Bundle;
  incoming: Incoming[];
}

/** Codes off the other phone's screen, pictures of them, or a file; nothing is kept before it has been looked at. */
export function TakePage() {
  const { db, books, sync } = useStore();
  const gatherer = useRef(new FrameGatherer());
  const [isLooking, setLooking] = useState(false);
  const [read, setRead] = useState({ known: 0, count: 0 });
  const [found, setFound] = useState<Found | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [done, setDone] = useState<string | null>(null);

  const open = async (bundle: Promise<Bundle>) => {
    setLooking(false);
    setRead({ known: 0, count: 0 });
    gatherer.current = new FrameGatherer();
    try {
      const told = await bundle;
      const incoming = await lookAt(
        db,
        told,
        (id) => mayWrite(books.find((book) => book.id === id)),
        (file) => calculate('backup-check', file),
      );
      setFound({ bundle: told, incoming });
    } catch (error) {
      setFault(`${(error as Error).message} Nothing was changed.`);
    }
  };
  const see = (bytes: Uint8Array) => {
    const whole = gatherer.current.add(bytes);
    setRead({ known: gatherer.current.known, count: gatherer.current.count });
    if (whole) void open(unpack(whole));
  };
  const begin = () => {
    setFound(null);
    setFault(null);
    setDone(null);
  };
  const seePictures = async (files: File[]) => {
    begin();
    for (const file of files) {
      const picture = await createImageBitmap(file).catch(() => null);
      const bytes = picture && readCode(picture, picture.width, picture.height);
      if (bytes) see(bytes);
      else
        setFault(
          `No code was found on “${file.name}”. Take the picture straight on, with some light around the code.`,
        );
    }
  };
  const keepIt = async (incoming: Incoming[], theirs: ReadonlySet<string>) => {
    const count = await takeIn(db, incoming, theirs);
    sync.nudge();
    setFound(null);
    setDone(
      count === 0
        ? 'Nothing was new: all of it is here already.'
        : `Taken in: ${count} ${count === 1 ? 'record' : 'records'}.`,
    );
  };

  return (
    <Section title="Take in">
      {!found && (
        <>
          <Typography>The other phone shows codes under More, Share, Hand over.</Typography>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button
              variant="contained"
              startIcon={<PhotoCamera />}
              onClick={() => {
                begin();
                setLooking(!isLooking);
              }}
            >
              {isLooking ? 'Stop' : 'Read with the camera'}
            </Button>
            <FilesButton
              label="Pictures of codes"
              name="Pictures of codes"
              accept="image/*"
              multiple
              onFiles={(files) => void seePictures(files)}
            />
            <FileButton
              label="Open a file"
              name="Handed over as a file"
              accept="application/json,.json"
              onFile={(file) => {
                begin();
                void open(file.text().then(readBundle));
              }}
            />
          </Box>
        </>
      )}
      {isLooking && <CameraView onCode={see} onFault={setFault} />}
      {read.count > 0 && (
        <Box role="status">
          <Typography sx={{ fontWeight: 650 }}>
            {read.known} of {read.count} read
          </Typography>
          <LinearProgress
            variant="determinate"
            value={(read.known / read.count) * 100}
            aria-label="Codes read"
          />
        </Box>
      )}
      {fault !== null && <ProblemLine>{fault}</ProblemLine>}
      {found && (
        <ComingIn
          bundle={found.bundle}
          incoming={found.incoming}
          onTake={(theirs) => void keepIt(found.incoming, theirs)}
          onLeave={() => setFound(null)}
        />
      )}
      {done !== null && (
        <Alert severity="success" variant="outlined">
          {done}
        </Alert>
      )}
    </Section>
  );
}
