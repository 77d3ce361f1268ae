/** How a wall time is written. */
export const WALL_FORMAT = 'ccc dd LLL yyyy HH:mm';

/** A date and time on the shop's wall clock, as "2026-11-27T18:00", to be shown and changed. */
export interface WallTimeProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly error?: string | undefined;
  readonly name?: string;
}
