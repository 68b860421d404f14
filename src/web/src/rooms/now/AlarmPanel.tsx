import { Box, Button, FormControlLabel, Stack, Switch, Typography } from '@mui/material';
import { useState } from 'react';
import { Section } from '../../shared/Section';
import { readySound, ring } from './alarm';
import { useAlarmOn } from './useAlarmOn';
import { useScreenOn } from './useScreenOn';

/** How this device makes itself heard when a batch is ready, and what it can't do. */
export function AlarmPanel() {
  const [on, setOn] = useAlarmOn();
  const screen = useScreenOn();
  const [allowed, setAllowed] = useState(() =>
    'Notification' in window ? Notification.permission : 'denied',
  );
  const allow = async () => {
    readySound();
    setAllowed(await Notification.requestPermission());
  };
  return (
    <Section title="When a batch is ready">
      <Box sx={{ display: 'grid' }}>
        <FormControlLabel
          control={
            <Switch
              checked={on}
              onChange={(event) => {
                readySound();
                setOn(event.target.checked);
              }}
            />
          }
          label="Sound and vibration"
          sx={{ minHeight: 48 }}
        />
        <FormControlLabel
          control={
            <Switch
              checked={screen.on}
              disabled={!screen.possible}
              onChange={(event) => screen.set(event.target.checked)}
            />
          }
          label={screen.possible ? 'Keep the screen on' : 'Keep the screen on (this browser can’t)'}
          sx={{ minHeight: 48 }}
        />
      </Box>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        {allowed === 'default' && (
          <Button variant="outlined" onClick={() => void allow()}>
            Notify me too
          </Button>
        )}
        <Button
          onClick={() => {
            readySound();
            void ring('Jolly Brook', 'This is how it sounds.', 'try');
          }}
        >
          Try it
        </Button>
      </Stack>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {allowed === 'denied' && 'This browser shows no notifications from here. '}
        It rings while this page is open and the device awake. A web page can’t wake a sleeping phone: open
        the batch and put its alarm in the phone’s own calendar.
      </Typography>
    </Section>
  );
}
