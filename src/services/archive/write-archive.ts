import { eachArchiveRow, listPhotoNames, maybePhoto } from '@/data';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION } from '@/formats/archive/archive';
import { TABLE_NAMES } from '@/formats/archive/tables';
import type { ShopContext } from '../context';

/** The whole shop as the text of its archive, piece by piece: one row a line, so that it can be read and compared. */
export function* archiveText({ db }: Pick<ShopContext, 'db'>): Generator<string> {
  yield `{"format":"${ARCHIVE_FORMAT}","version":${ARCHIVE_VERSION},"tables":{`;
  for (const [index, table] of TABLE_NAMES.entries()) {
    yield `${index === 0 ? '' : ','}\n"${table}":[`;
    let first = true;
    for (const row of eachArchiveRow(db, table)) {
      yield `${first ? '' : ','}\n${JSON.stringify(row)}`;
      first = false;
    }
    yield ']';
  }
  yield '},\n"photos":{';
  let first = true;
  for (const name of listPhotoNames(db)) {
    const bytes = maybePhoto(db, name);
    if (bytes === null) continue;
    yield `${first ? '' : ','}\n${JSON.stringify(name)}:"${Buffer.from(bytes).toString('base64')}"`;
    first = false;
  }
  yield '}}\n';
}
