import { eachArchiveRow, listPhotoNames, maybePhoto, snapshotOf, type Db } from '@/data';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION } from '@/formats/archive/archive';
import { TABLE_NAMES, type ArchiveTable } from '@/formats/archive/tables';
import type { ShopContext } from '../context';

/**
 * The whole shop as the text of its archive, piece by piece: one row a line, so that it can be read and compared. It is the
 * shop as it stood when the first piece was asked for, whatever is written meanwhile.
 */
export function* archiveText({ db }: Pick<ShopContext, 'db'>): Generator<string> {
  const snapshot = snapshotOf(db);
  try {
    yield `{"format":"${ARCHIVE_FORMAT}","version":${ARCHIVE_VERSION},"tables":{`;
    for (const [index, table] of TABLE_NAMES.entries()) {
      yield `${index === 0 ? '' : ','}\n"${table}":[`;
      yield* listed(rowTexts(snapshot.db, table));
      yield ']';
    }
    yield '},\n"photos":{';
    yield* listed(photoTexts(snapshot.db));
    yield '}}\n';
  } finally {
    snapshot.close();
  }
}

function* listed(texts: Iterable<string>): Generator<string> {
  let first = true;
  for (const text of texts) {
    yield `${first ? '' : ','}\n${text}`;
    first = false;
  }
}

function* rowTexts(db: Db, table: ArchiveTable): Generator<string> {
  for (const row of eachArchiveRow(db, table)) yield JSON.stringify(row);
}

function* photoTexts(db: Db): Generator<string> {
  for (const name of listPhotoNames(db)) {
    const bytes = maybePhoto(db, name);
    if (bytes !== null) {
      yield `${JSON.stringify(name)}:"${Buffer.from(bytes).toString('base64')}"`;
    }
  }
}
