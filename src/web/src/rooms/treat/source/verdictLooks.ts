import Block from '@mui/icons-material/Block';
import CheckCircle from '@mui/icons-material/CheckCircle';
import ReportProblem from '@mui/icons-material/ReportProblem';
import WarningAmber from '@mui/icons-material/WarningAmber';

/** Each verdict by its own icon and colour; the word stands beside them. */
export const verdictLooks = {
  use: { Icon: CheckCircle, colour: 'success.main' },
  useWithCare: { Icon: WarningAmber, colour: 'warning.main' },
  lastResort: { Icon: ReportProblem, colour: 'error.main' },
  doNotUse: { Icon: Block, colour: 'error.main' },
} as const;
