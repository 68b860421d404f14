import Block from '@mui/icons-material/Block';
import CheckCircle from '@mui/icons-material/CheckCircle';
import WarningAmber from '@mui/icons-material/WarningAmber';

/** Each outcome by its own icon and colour, and in a word where nothing else says it. */
export const outcomeLooks = {
  meets: { Icon: CheckCircle, colour: 'success.main', words: 'meets the target' },
  shortOfTarget: { Icon: WarningAmber, colour: 'warning.main', words: 'short of the target' },
  refused: { Icon: Block, colour: 'error.main', words: 'no answer' },
  accepted: { Icon: WarningAmber, colour: 'warning.main', words: 'untreated' },
};
