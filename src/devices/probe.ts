/** What a temperature probe answers when it is asked. */
export type ProbeAnswer =
  { readonly kind: 'reading'; readonly tempC: number } | { readonly kind: 'lost' };

/** A temperature probe in a place: anything that can be asked how warm it is there. */
export interface Probe {
  readonly placeId: string;
  /** The temperature at an instant, or that nothing answers. */
  readonly ask: (atMs: number) => ProbeAnswer;
}
