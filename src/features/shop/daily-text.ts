import type { DailyPoint } from '@/core/forecast';

const two = (n: number) => String(n).padStart(2, '0');

/** A day's curve as it is typed: "06:00 19, 14:00 24". */
export function dailyText(daily: readonly DailyPoint[] | null): string {
  return (daily ?? [])
    .map(({ minute, tempC }) => `${two(Math.floor(minute / 60))}:${two(minute % 60)} ${tempC}`)
    .join(', ');
}

/** Reads a typed curve; empty for none, a sentence for what can not be read. */
export function readDaily(text: string): DailyPoint[] | string {
  const parts = text
    .split(/[,;\n]/)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  const points: DailyPoint[] = [];
  for (const part of parts) {
    const match = /^(\d{1,2}):(\d{2})\s+([-−]?\d+(?:\.\d+)?)°?$/.exec(part);
    const [hour, minute] = [Number(match?.[1]), Number(match?.[2])];
    if (match === null || hour > 23 || minute > 59) {
      return `Over the day: “${part}” is not an hour and a temperature. Allowed: for example 06:00 19, 14:00 24.`;
    }
    points.push({ minute: hour * 60 + minute, tempC: Number(match[3]?.replace('−', '-')) });
  }
  return points;
}

/** The form field that a refusal of the server belongs to. */
export function dailyFields(field: string): string {
  return field.startsWith('daily') ? 'daily' : field;
}
