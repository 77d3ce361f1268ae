import { tr } from '@/words/tr';
import { dropPhoto, fillFromArchive, isEmptyShop, savePhoto, type Db } from '@/data';
import { readArchive } from '@/formats/archive/archive';
import { done, refused, type Outcome } from '@/shop/outcome';

/**
 * Reads an archive into an empty shop, all of it or nothing. A shop in which something was written is never merged with
 * another: lots and entries of two shops can not be told apart.
 */
export function takeArchive(db: Db, text: string): Outcome<{ entries: number }> {
  if (!isEmptyShop(db)) {
    return refused(
      null,
      tr`Archive: this shop has a journal of its own, and two shops are not merged. Allowed: an empty shop; start Olvik with another folder in OLVIK_DATA. Nothing was changed.`,
    );
  }
  const read = readArchive(text);
  if (read.kind === 'refused') return refused(null, read.sentence);
  const { tables, photos } = read.archive;
  // Photos first: a kill between them and the rows leaves pictures that nothing names, never rows without their pictures.
  const lost = keepPhotos(db, photos);
  if (lost !== null) return refused(null, lost);
  let at = { table: 'shop', row: 1 };
  try {
    fillFromArchive(db, tables, (table, index) => {
      at = { table, row: index + 1 };
    });
  } catch (cause) {
    const why = cause instanceof Error ? cause.message : String(cause);
    return refused(
      null,
      tr`Archive: ${at.table}, row ${at.row}: it breaks a rule of the shop (${why}). Nothing was changed.`,
    );
  }
  return done({ entries: tables.journal.length });
}

/** Keeps the photos of an archive; a sentence where they can not be written, and none of them is kept then. */
function keepPhotos(db: Db, photos: Readonly<Record<string, string>>): string | null {
  const kept: string[] = [];
  try {
    for (const [name, base64] of Object.entries(photos)) {
      savePhoto(db, name, Buffer.from(base64, 'base64'));
      kept.push(name);
    }
    return null;
  } catch (cause) {
    for (const name of kept) dropPhoto(db, name);
    const why = cause instanceof Error ? cause.message : String(cause);
    return tr`Archive: its photos could not be written (${why}). Nothing was changed.`;
  }
}
