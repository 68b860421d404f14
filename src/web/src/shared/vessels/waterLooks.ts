import CheckCircle from '@mui/icons-material/CheckCircle';
import DoNotDisturbOn from '@mui/icons-material/DoNotDisturbOn';
import HourglassTop from '@mui/icons-material/HourglassTop';
import RadioButtonUnchecked from '@mui/icons-material/RadioButtonUnchecked';
import WarningAmber from '@mui/icons-material/WarningAmber';
import type { ContainerInHand } from '../../store/InHandContext';

/** How the water in a container is drawn: a colour, a pattern and an icon, never colour alone. */
export function waterLook({ water, cleanSideDirty }: ContainerInHand) {
  switch (water.is) {
    case 'empty':
      return { Icon: RadioButtonUnchecked, colour: 'text.secondary', pattern: null };
    case 'raw':
      return { Icon: DoNotDisturbOn, colour: 'error.main', pattern: 'hatched' } as const;
    case 'underWay':
      return { Icon: HourglassTop, colour: 'warning.main', pattern: 'dotted' } as const;
    case 'clean':
      if (water.stale || cleanSideDirty)
        return { Icon: DoNotDisturbOn, colour: 'error.main', pattern: 'hatched' } as const;
      return water.shortOf.length > 0
        ? ({ Icon: WarningAmber, colour: 'warning.main', pattern: 'full' } as const)
        : ({ Icon: CheckCircle, colour: 'success.main', pattern: 'full' } as const);
  }
}
