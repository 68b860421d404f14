import { Box, Button, Typography } from '@mui/material';
import { nameRecord } from '../../shared/nameRecord';
import { Section } from '../../shared/Section';
import { useOthersName } from '../../store/books';
import { keepBoth, keepMine, takeTheirs, type Conflict } from '../../store/conflicts';
import type { LocalRecord } from '../../store/db';
import { useStore } from '../../store/StoreContext';
import { lines, type Line } from '../../shared/versionLines';

/** One record in two versions, side by side, and the choice. */
export function TwoVersions({ item, mine }: { item: Conflict; mine: LocalRecord }) {
  const { db, sync } = useStore();
  const other = useOthersName()(item.book, item.theirs.author);
  const both = lines(mine.body, item.theirs.body).filter((line) => line.differs);
  const choose = (how: typeof keepMine) => void how(db, item).then(() => sync.nudge());
  return (
    <Section title={nameRecord(item.kind, mine.body)}>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        <Version
          title="From this device"
          side="mine"
          lines={both}
          action="Keep this one"
          onChoose={() => choose(keepMine)}
        />
        <Version
          title={other === null ? 'From your other device' : `From ${other}`}
          side="theirs"
          lines={both}
          action="Take this one"
          onChoose={() => choose(takeTheirs)}
        />
      </Box>
      <Typography sx={{ color: 'text.secondary' }}>Everything else is the same in both.</Typography>
      {item.kind !== 'settings' && (
        <Box>
          <Button onClick={() => choose(keepBoth)}>Keep both, as two records</Button>
        </Box>
      )}
    </Section>
  );
}

interface VersionProps {
  title: string;
  side: 'mine' | 'theirs';
  lines: Line[];
  action: string;
  onChoose: () => void;
}

function Version({ title, side, lines: both, action, onChoose }: VersionProps) {
  return (
    <Box component="section" aria-label={title} sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
      <Typography variant="h3">{title}</Typography>
      <Box component="dl" sx={{ m: 0, display: 'grid', gap: 0.5 }}>
        {both.map((line) => (
          <Box key={line.path} sx={{ px: 1, py: 0.5, borderLeft: 4, borderColor: 'warning.main' }}>
            <Typography component="dt" variant="body2" sx={{ color: 'text.secondary' }}>
              {line.name}
            </Typography>
            <Typography component="dd" sx={{ m: 0, fontWeight: 750 }}>
              {line[side]}
            </Typography>
          </Box>
        ))}
      </Box>
      <Box>
        <Button variant="contained" onClick={onChoose}>
          {action}
        </Button>
      </Box>
    </Box>
  );
}
