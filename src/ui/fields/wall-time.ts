/** How a wall time and a day of it are written where they are read: with their weekday. */
export const WALL_FORMAT = 'ccc dd LLL yyyy HH:mm';
export const DAY_FORMAT = 'ccc dd LLL yyyy';

/** A date and time on the shop's wall clock, as "2026-11-27T18:00", to be shown and changed. */
export interface WallTimeProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly error?: string | undefined;
  readonly name?: string;
}

/** A day of the shop's calendar, as "2026-11-27", to be shown and changed; empty for none. */
export interface DayProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** The earliest that can be chosen, as "2026-11-27". */
  readonly from?: string | undefined;
  readonly name?: string;
}
