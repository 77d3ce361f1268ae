import { tr } from '@/words/tr';
import CalendarToday from '@mui/icons-material/CalendarToday';
import IconButton from '@mui/material/IconButton';
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import type { Typed } from './use-typed';

/** A field of words with a calendar at its end. */
export function TypedField(props: {
  label: string;
  field: Typed;
  error?: string | undefined;
  name?: string | undefined;
  onChoose: (anchor: HTMLElement) => void;
}) {
  const { label, field, error, name, onChoose } = props;
  return (
    <TextField
      label={label}
      value={field.shown}
      variant="standard"
      fullWidth
      autoComplete="off"
      error={field.wrong || error !== undefined}
      helperText={field.says ?? error ?? ''}
      onFocus={(event) => event.target.select()}
      onChange={(event) => field.type(event.target.value)}
      onBlur={() => {
        if (field.isTyped) field.take();
      }}
      onKeyDown={(event) => {
        if (!field.isTyped) return;
        if (event.key === 'Escape') {
          event.stopPropagation();
          field.letGo();
        }
        if (event.key !== 'Enter') return;
        // The first Enter takes what was typed, the next one the form.
        event.preventDefault();
        field.take();
      }}
      {...(name === undefined ? {} : { name })}
      slotProps={{
        inputLabel: { shrink: true },
        htmlInput: { maxLength: 40 },
        input: {
          endAdornment: (
            <InputAdornment position="end">
              <IconButton
                aria-label={tr`${label}: choose a day`}
                onClick={(event) => onChoose(event.currentTarget)}
                edge="end"
              >
                <CalendarToday fontSize="small" />
              </IconButton>
            </InputAdornment>
          ),
        },
      }}
    />
  );
}
