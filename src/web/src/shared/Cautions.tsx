import Dangerous from '@mui/icons-material/Dangerous';
import InfoOutlined from '@mui/icons-material/InfoOutlined';
import WarningAmber from '@mui/icons-material/WarningAmber';
import { Box, Typography } from '@mui/material';
import type { Schema } from '../core/contract';

const looks = {
  danger: { Icon: Dangerous, colour: 'error.main', word: 'Danger: ' },
  warning: { Icon: WarningAmber, colour: 'warning.main', word: 'Mind: ' },
  note: { Icon: InfoOutlined, colour: 'text.secondary', word: '' },
};

/** What to mind, the gravest first; each with a word and an icon. */
export function Cautions({ cautions }: { cautions: Schema<'Caution'>[] }) {
  return (
    <Box component="ul" aria-label="Cautions" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}>
      {cautions.map(({ code, severity, message }) => {
        const { Icon, colour, word } = looks[severity];
        return (
          <Box component="li" key={code} sx={{ display: 'flex', gap: 1 }}>
            <Icon aria-hidden sx={{ color: colour, mt: 0.25 }} />
            <Typography>
              <strong>{word}</strong>
              {message}
            </Typography>
          </Box>
        );
      })}
    </Box>
  );
}
