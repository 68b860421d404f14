import CheckCircle from '@mui/icons-material/CheckCircle';
import Dangerous from '@mui/icons-material/Dangerous';
import WarningAmber from '@mui/icons-material/WarningAmber';

/** Word, icon and colour of a stage; never colour alone. */
export function stageLooks(stage: number) {
  if (stage === 0) return { Icon: CheckCircle, colour: 'success.main', word: 'Enough' };
  return stage <= 2
    ? { Icon: WarningAmber, colour: 'warning.main', word: stage === 1 ? 'Tight' : 'Short' }
    : { Icon: Dangerous, colour: 'error.main', word: stage === 5 ? 'Last resort' : 'Very short' };
}
