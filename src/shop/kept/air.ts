import type { OutdoorPoint } from '@/devices/weather';
/** What is known of the air out of doors around now. */
export interface OutdoorAir {
  readonly hours: readonly OutdoorPoint[];
  /** Why a file of weather could not be read; null where it could, or there is none. */
  readonly problem: string | null;
}
