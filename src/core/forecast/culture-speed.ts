/** How fast a culture is against the book, and how surely. */
export interface CultureSpeed {
  readonly speed: number;
  readonly lnSd: number;
}
