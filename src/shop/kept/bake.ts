/** A demand for balls. */
export interface Bake {
  readonly id: string;
  readonly name: string;
  readonly createdMs: number;
  readonly readyFromMs: number;
  readonly readyToMs: number;
  /** The version of its method that it is baked with. */
  readonly methodVersionId: string;
  /** The service it meets, and the day of it; left out where nobody asked for it. */
  readonly demandId?: string | null;
  readonly demandDate?: string | null;
}
