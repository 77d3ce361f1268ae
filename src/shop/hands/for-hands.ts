/** True for what is asked of the hands at a device: everybody’s, or their own and what is given to nobody. */
export const isForHands = (person: string | null, by: string | null): boolean =>
  person === null || by === null || by === person;
