import type Database from 'better-sqlite3';

/** An open database of one shop. */
export type Db = Database.Database;
