import { readdirSync } from 'node:fs';
import path from 'node:path';

const APP = path.join('src', 'app');

/** Every path that Olvik answers at, with names for what varies: `/lots/[lotId]/label`. */
export function routes(): string[] {
  return readdirSync(APP, { recursive: true, encoding: 'utf8' })
    .filter((file) => /(^|\/)(page\.tsx|route\.ts)$/.test(file))
    .map((file) => `/${path.dirname(file)}`.replace(/\/\.$/, '/'))
    .sort();
}

/** A route with everything that varies put in. */
export const filled = (route: string, value: string): string =>
  route.replace(/\[\[?(?:\.\.\.)?\w+\]?\]/g, value);
