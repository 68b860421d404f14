import { Button, Typography } from '@mui/material';
import { Section } from '../../../shared/Section';
import { useInstall } from '../../../program/install';
import { useOfflineReady } from '../../../program/update';

/** How to have the page at hand without a browser's bar, and whether it would open without the server. */
export function InstallPanel() {
  const { installed, prompt } = useInstall();
  const ready = useOfflineReady();
  return (
    <Section title="Without signal">
      <Typography>
        {ready
          ? 'The whole program is on this device: it opens and works with the server gone.'
          : 'The program is still being put on this device. Stay on it a moment longer before you go out of reach.'}
      </Typography>
      {installed ? (
        <Typography>It is installed.</Typography>
      ) : prompt ? (
        <div>
          <Button variant="contained" onClick={prompt}>
            Install it
          </Button>
        </div>
      ) : (
        <Typography>
          To have it among your apps, choose “Install” or “Add to home screen” in the browser's menu. It works
          the same in a tab.
        </Typography>
      )}
    </Section>
  );
}
