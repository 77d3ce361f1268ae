import { z } from '@/core/parse';
export const contentSchema = z.object({
  code: z.string(),
  name: z.string(),
  lines: z.array(z.object({ what: z.string(), says: z.string() })),
  does: z.string(),
});

/** What stands on a label: its lot’s code and name, lines of a word and what it says, and what to do. */
export type LabelContent = z.output<typeof contentSchema>;
