import DirectionsWalk from '@mui/icons-material/DirectionsWalk';
import Undo from '@mui/icons-material/Undo';
import WarningAmber from '@mui/icons-material/WarningAmber';
import WaterDrop from '@mui/icons-material/WaterDrop';
import { Box, Button, Typography } from '@mui/material';
import type { SvgIconComponent } from '@mui/icons-material';
import type { ReactNode } from 'react';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Response, Schema } from '../../../core/contract';
import { clockTime } from '../../../shared/time';
import { show } from '../../../shared/units';
import { useQuickWrite } from '../../../store/QuickWrite';

type Answer = Response<'from-here'>;

const icons: Record<Schema<'HereAct'>, SvgIconComponent> = {
  stop: WaterDrop,
  walkBy: DirectionsWalk,
  walkOn: DirectionsWalk,
  tooLittle: WarningAmber,
};

/** The answer first, then the next water and the way back, each with its icon; one tap when a water turns out dry. */
export function HereAnswer({ answer }: { answer: Answer }) {
  const catalogue = useCatalogue();
  const litres = (l: number) => show(catalogue, 'volume', l);
  const { act, here, bottles, next, turnBack } = answer;
  const Icon = icons[act];
  return (
    <>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start' }}>
        <Icon aria-hidden sx={{ fontSize: 36, color: act === 'tooLittle' ? 'error.main' : 'primary.main' }} />
        <Typography
          data-testid="from-here"
          sx={{ fontSize: { xs: '1.4rem', md: '1.6rem' }, fontWeight: 750, lineHeight: 1.15 }}
        >
          {answer.headline}
        </Typography>
      </Box>
      {act === 'stop' && here && (
        <Typography>
          {bottles.length > 0 && `Into ${bottles.map((b) => `${b.name} ${litres(b.litres)}`).join(', ')}. `}
          {answer.noRoomL > 0 && `No empty container for ${litres(answer.noRoomL)}. `}
          {here.treatBy && `${here.treatBy}. `}
          {answer.readyAt && `Drinkable from ${clockTime(answer.readyAt)}.`}
        </Typography>
      )}
      {here && <Seen source={here} />}
      {answer.assumed && <Typography color="text.secondary">{answer.assumed}</Typography>}
      {next && (
        <Line icon={<WaterDrop aria-hidden />}>
          {next.words}; {litres(next.inHandL)} in hand there
        </Line>
      )}
      {next && !here && <Seen source={next} />}
      {turnBack && (
        <Line icon={<Undo aria-hidden />}>
          {turnBack.words}
          {turnBack.by && `, about ${clockTime(turnBack.by)}`}
        </Line>
      )}
      {answer.changes.length > 0 && (
        <Box>
          <Typography sx={{ fontWeight: 700 }}>Otherwise than planned</Typography>
          <Box component="ul" sx={{ m: 0, pl: 3 }}>
            {answer.changes.map((change) => (
              <li key={change}>{change}</li>
            ))}
          </Box>
        </Box>
      )}
      <Typography color="text.secondary">{answer.promise.words}.</Typography>
    </>
  );
}

function Line({ icon, children }: { icon: ReactNode; children: ReactNode }) {
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
      {icon}
      <Typography>{children}</Typography>
    </Box>
  );
}

/** What is found at a water, told by one tap; the way on is worked out anew at once. */
function Seen({ source }: { source: { id: string; name: string } }) {
  const write = useQuickWrite();
  const tell = (flowing: boolean) => void write({ kind: 'sourceSeen', sourceId: source.id, flowing });
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      <Button variant="outlined" onClick={() => tell(false)}>
        {source.name} is dry
      </Button>
      <Button onClick={() => tell(true)}>It runs</Button>
      <Button onClick={() => void write({ kind: 'passedBy', sourceId: source.id })}>Passed by</Button>
    </Box>
  );
}
