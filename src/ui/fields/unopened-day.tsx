import CalendarToday from '@mui/icons-material/CalendarToday';
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';

/** A day or an hour in words, before its calendar is there. */
export function UnopenedDay(props: {
  label: string;
  name?: string | undefined;
  shown: string;
  error?: string | undefined;
  onOpen: () => void;
}) {
  const { label, name, shown, error, onOpen } = props;
  return (
    <TextField
      label={label}
      value={shown}
      onFocus={onOpen}
      variant="standard"
      fullWidth
      error={error !== undefined}
      helperText={error ?? ''}
      {...(name === undefined ? {} : { name })}
      slotProps={{
        inputLabel: { shrink: true },
        input: {
          readOnly: true,
          endAdornment: (
            <InputAdornment position="end" disablePointerEvents>
              <CalendarToday fontSize="small" aria-hidden="true" />
            </InputAdornment>
          ),
        },
      }}
    />
  );
}
