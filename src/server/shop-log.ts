import pino from 'pino';

/** What goes wrong in the server, a line of JSON each, to standard error; OLVIK_LOG says from which level on. Nothing of the shop is in it. */
export const shopLog = pino({ level: process.env['OLVIK_LOG'] ?? 'warn' }, pino.destination(2));
