import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Section } from '../../shared/Section';
import { readySound, ring } from './alarm';
import { useAlarmOn } from './useAlarmOn';
import { useScreenOn } from './useScreenOn';
import { SwitchEntry } from '../../shared/SwitchEntry';

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
        <SwitchEntry
          label="Sound and vibration"
          checked={on}
          onChange={(checked) => {
            readySound();
            setOn(checked);
          }}
        />
        <SwitchEntry
          label={screen.possible ? 'Keep the screen on' : 'Keep the screen on (this browser can’t)'}
          checked={screen.on}
          disabled={!screen.possible}
          onChange={(checked) => screen.set(checked)}
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
