import { AdapterDayjs } from '@mui/x-date-pickers/AdapterDayjs';
import { DatePicker } from '@mui/x-date-pickers/DatePicker';
import { DateTimePicker } from '@mui/x-date-pickers/DateTimePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { toField } from '../time';
import { useWall } from './useWall';
import { asWall, type Fineness } from './wall';

export interface PickerProps {
  /** The id of what names it. */
  labelId: string;
  fineness: Fineness;
  /** As the clock on the trip reads: "2026-08-21" or "2026-08-21T06:00"; empty for none. */
  value: string;
  onChange: (text: string) => void;
  error?: string;
  hint?: string;
}

const words = {
  fieldDayPlaceholder: () => 'day',
  fieldMonthPlaceholder: () => 'month',
  fieldYearPlaceholder: () => 'year',
  fieldHoursPlaceholder: () => 'hour',
  fieldMinutesPlaceholder: () => 'min',
};

// The month in letters: no reader takes the day for it.
const looks = { day: 'D MMM YYYY', minute: 'D MMM YYYY HH:mm' } as const;

/** A date, or a date and an hour: typed part by part, or chosen from a calendar. */
export function Picker({ labelId, fineness, value, onChange, error, hint }: PickerProps) {
  const { shown, type, leave } = useWall(value, onChange, fineness);
  const props = {
    value: shown,
    onChange: type,
    timezone: 'UTC',
    format: looks[fineness],
    referenceDate: asWall(toField(new Date().toISOString()), 'minute') ?? undefined,
    // The library's today is not the trip's.
    disableHighlightToday: true,
    slotProps: {
      field: { clearable: true },
      textField: {
        size: 'small',
        fullWidth: true,
        onBlur: leave,
        helperText: error ?? hint,
        slotProps: { input: { 'aria-labelledby': labelId } },
        ...(error === undefined ? {} : { error: true }),
      },
    },
  } as const;
  return (
    <LocalizationProvider
      dateAdapter={AdapterDayjs}
      adapterLocale="en"
      localeText={words}
      dateFormats={{ fullDate: looks.day }}
    >
      {fineness === 'day' ? <DatePicker {...props} /> : <DateTimePicker {...props} ampm={false} />}
    </LocalizationProvider>
  );
}
