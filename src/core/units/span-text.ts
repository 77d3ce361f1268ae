/** "5 min", "1 h 20", "2 d 3 h": a length of time without its sign. */
export function spanText(ms: number): string {
  const minutes = Math.round(Math.abs(ms) / 60_000);
  if (minutes < 60) return `${minutes} min`;
  const hours = Math.floor(minutes / 60);
  if (hours < 48)
    return minutes % 60 === 0
      ? `${hours} h`
      : `${hours} h ${String(minutes % 60).padStart(2, '0')}`;
  return `${Math.floor(hours / 24)} d ${hours % 24} h`;
}
