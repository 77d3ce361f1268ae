/** Name of the shop's database in its data folder. */
export const DATABASE_FILE = 'olvik.sqlite';
