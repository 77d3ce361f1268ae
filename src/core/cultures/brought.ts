/** What can be brought in that was there before the shop was. */
export const BROUGHT = ['starter', 'dough', 'balls', 'frozen'] as const;
export type BroughtWhat = (typeof BROUGHT)[number];
