import { NEW_SHOP } from '../shop/new-shop';
import {
  saveFlour,
  addFlourLot,
  addPlace,
  addPlaceSetting,
  saveEquipment,
  saveProbe,
  saveShop,
  type Db,
} from '@/data';
import { DEMO_TIME_ZONE, type DemoCalendar } from './demo-time';

/** The demo shop: a two-person counter in an old boathouse. Everything in it is made up. */
export function furnishDemoShop(db: Db, calendar: DemoCalendar): void {
  saveShop(db, {
    ...NEW_SHOP,
    name: 'Slip Four',
    timeZone: DEMO_TIME_ZONE,
    people: ['Jo', 'Maren'],
    tapC: 9,
  });
  addPlace(db, { id: 'proofer', name: 'Proofer', capacityL: 12, insulation: 1 }, 28);
  addPlace(db, { id: 'bench', name: 'Bench', capacityL: 30, insulation: 1, follows: 0.5 }, 21);
  addPlace(db, { id: 'cellar', name: 'Cellar', capacityL: 36, insulation: 1, follows: 0.1 }, 16);
  addPlace(db, { id: 'fridge', name: 'Fridge', capacityL: 36, insulation: 1 }, 4);
  addPlace(db, { id: 'freezer', name: 'Freezer', capacityL: 6, insulation: 1 }, -18);
  for (const placeId of ['proofer', 'bench', 'cellar', 'fridge']) {
    saveProbe(db, { placeId, kind: 'simulated', fault: 'none', faultFromMs: 0 });
  }
  const things = [
    { kind: 'mixer', name: 'Spiral', count: 1, least: 2, most: 12, heatMin: 0, bakeMin: 0 },
    { kind: 'oven', name: 'Deck oven', count: 1, least: 0, most: 4, heatMin: 75, bakeMin: 4 },
    { kind: 'box', name: 'Ball box', count: 12, least: 0, most: 12, heatMin: 0, bakeMin: 0 },
    { kind: 'tub', name: 'Tub', count: 6, least: 0, most: 12, heatMin: 0, bakeMin: 0 },
  ] as const;
  for (const thing of things) saveEquipment(db, { ...thing, id: thing.kind });
  // The hot day, a week and a half ago.
  addPlaceSetting(db, { placeId: 'bench', fromMs: calendar.at(-9, '10:00'), tempC: 27 });
  addPlaceSetting(db, { placeId: 'bench', fromMs: calendar.at(-8, '02:00'), tempC: 22 });
  const flours = [
    { id: 'flour-strong', name: 'Strong flour', strengthW: 320, proteinShare: 0.138 },
    { id: 'flour-soft', name: 'Soft flour', strengthW: 220, proteinShare: 0.11 },
  ];
  for (const flour of flours) saveFlour(db, { ...flour, wholegrainShare: 0 });
  saveFlour(db, {
    id: 'flour-whole',
    name: 'Wholegrain flour',
    strengthW: 200,
    proteinShare: 0.13,
    wholegrainShare: 1,
  });
  const sacks = [
    { id: 'sack-1', flourId: 'flour-strong', code: 'M 4410', fromMs: calendar.at(-20, '08:00') },
    { id: 'sack-2', flourId: 'flour-strong', code: 'M 4473', fromMs: calendar.at(-2, '08:00') },
  ];
  for (const sack of sacks) addFlourLot(db, sack);
}
