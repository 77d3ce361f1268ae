import { tr } from '@/words/tr';

/** A row that should be there is not. */
export class NotFoundError extends Error {
  constructor(
    readonly what: string,
    readonly id: string,
  ) {
    super(tr`${what} "${id}" is not in this shop.`);
    this.name = 'NotFoundError';
  }
}

/** The data folder can not be opened, or was written by a newer Olvik. */
export class MigrationError extends Error {
  constructor(
    readonly code:
      | 'newer-database'
      | 'odd-database'
      | 'folder-not-writable'
      | 'folder-in-use'
      | 'not-a-database'
      | 'database-missing'
      | 'database-damaged'
      | 'backup-not-sound'
      | 'disk-full',
    message: string,
    options?: ErrorOptions,
  ) {
    super(message, options);
    this.name = 'MigrationError';
  }
}
