import path from 'node:path';

/** How back-ups are named: by their instant, UTC. */
export const NAME = /^olvik-(\d{4})(\d{2})(\d{2})-(\d{2})(\d{2})(\d{2})\.sqlite$/;

/** Where the back-ups of a data folder are kept. */
export const backupsFolder = (folder: string) => path.join(folder, 'backups');

/** When a back-up was taken, by its name; null for a file that is none. */
export function backupInstant(name: string): number | null {
  const found = NAME.exec(name);
  if (found === null) return null;
  const [year, month, day, hour, minute, second] = found.slice(1).map(Number) as [
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  return Date.UTC(year, month - 1, day, hour, minute, second);
}

/** The name of a back-up that is taken at an instant. */
export function backupName(atMs: number): string {
  const digits = new Date(atMs).toISOString().replace(/\D/g, '');
  return `olvik-${digits.slice(0, 8)}-${digits.slice(8, 14)}.sqlite`;
}
