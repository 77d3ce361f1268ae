/** Hours as they are typed: "6-14", "06:00–14:30"; empty: not there. Two stretches with a comma. */
const STRETCH = /^\s*(\d{1,2})(?::(\d{2}))?\s*[-–]\s*(\d{1,2})(?::(\d{2}))?\s*$/;

/** A stretch of a day, minutes of the wall clock. */
interface Stretch {
  readonly fromMinute: number;
  readonly untilMinute: number;
}

/** Reads hours; null where they can not be understood. */
export function readHours(text: string): Stretch[] | null {
  if (text.trim() === '') return [];
  const stretches = text.split(',').map(stretchOf);
  return stretches.some((one) => one === null) ? null : (stretches as Stretch[]);
}

function stretchOf(text: string): Stretch | null {
  const found = STRETCH.exec(text);
  if (found === null) return null;
  const [, fromH, fromMin = '0', untilH, untilMin = '0'] = found;
  const fromMinute = Number(fromH) * 60 + Number(fromMin);
  const untilMinute = (Number(untilH) * 60 + Number(untilMin)) % 1440;
  const possible = Number(fromH) < 24 && Number(untilH) <= 24;
  return possible && Number(fromMin) < 60 && Number(untilMin) < 60
    ? { fromMinute, untilMinute }
    : null;
}

const two = (value: number) => String(value).padStart(2, '0');
const clock = (minute: number) => `${two(Math.floor(minute / 60))}:${two(minute % 60)}`;

/** Hours as they are shown in their field. */
export function hoursText(stretches: readonly Stretch[]): string {
  return stretches
    .map(({ fromMinute, untilMinute }) => `${clock(fromMinute)}–${clock(untilMinute)}`)
    .join(', ');
}
