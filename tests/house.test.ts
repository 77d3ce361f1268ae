import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';

const SOURCES = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file))
  .map((file) => join('src', file));

/** The file that an import names; null for a package. */
function imported(from: string, name: string): string | null {
  if (!/^(@\/|\.)/.test(name)) return null;
  const base = name.startsWith('@/') ? join('src', name.slice(2)) : join(dirname(from), name);
  const found = ['.ts', '.tsx', '/index.ts', '/index.tsx', '']
    .map((ending) => base + ending)
    .find((file) => existsSync(file) && statSync(file).isFile());
  return found ?? null;
}

/** Which folders each folder’s files import from. */
function foldersImported(): ReadonlyMap<string, ReadonlySet<string>> {
  const folders = new Map<string, Set<string>>();
  for (const file of SOURCES) {
    const folder = dirname(file);
    const known = folders.get(folder) ?? new Set<string>();
    folders.set(folder, known);
    for (const [, name] of readFileSync(file, 'utf8').matchAll(
      /(?:from|import\(|import) ?'([^']+)'/g,
    )) {
      const target = imported(file, name ?? '');
      if (target !== null && dirname(target) !== folder) known.add(dirname(target));
    }
  }
  return folders;
}

test('no two folders import from each other', () => {
  const folders = foldersImported();
  expect(folders.size).toBeGreaterThan(60);
  const bothWays = [...folders].flatMap(([folder, others]) =>
    [...others]
      .filter((other) => folder < other && folders.get(other)?.has(folder) === true)
      .map((other) => `${folder} and ${other}`),
  );
  expect(bothWays).toEqual([]);
});
