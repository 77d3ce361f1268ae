'use client';

import { createContext, useContext, type ReactNode } from 'react';
import type { ShopUnits } from '@/core/units';

/** The units that figures are typed and read in; the time zone is told by each view. */
export type FigureUnits = Pick<ShopUnits, 'massUnit' | 'tempUnit' | 'lengthUnit'>;

/** As the forms hold them. */
export const METRIC: FigureUnits = { massUnit: 'g', tempUnit: 'C', lengthUnit: 'cm' };
const Units = createContext<FigureUnits>(METRIC);

/** Gives every field below the units of the shop. */
export function ShopUnitsProvider(props: { units: FigureUnits | null; children: ReactNode }) {
  return <Units.Provider value={props.units ?? METRIC}>{props.children}</Units.Provider>;
}

/** The units of the shop. */
export function useShopUnits(): FigureUnits {
  return useContext(Units);
}
