import { GlobalStyles } from '@mui/material';

/** On paper the frame, the state of saving and what is marked as not for print are left out. */
export function PrintAlone() {
  return (
    <GlobalStyles
      styles={{ '@media print': { 'nav, .no-print, [role=status]': { display: 'none !important' } } }}
    />
  );
}
