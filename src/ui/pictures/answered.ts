/** Told on the document by what sends commands, once the shop has answered one. */
export const ANSWERED = 'olvik-answered';
