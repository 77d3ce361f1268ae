import { tr } from '@/words/tr';
import { type Shop, type Place, wishSchema } from '@/shop/kept/shop';
import type { DailyPoint } from '@/core/forecast';
import { z } from '@/core/parse';

import type { Language } from '@/words/speaker';
import type { Db } from './db';
import { NotFoundError } from './errors';

const dailySchema = z.array(
  z.object({ minute: z.number().min(0).max(1439), tempC: z.number().min(-40).max(60) }),
);

const peopleSchema = z.array(z.string().min(1).max(60)).max(20);

const SHOP_COLUMNS = `name, time_zone AS timeZone, language, mass_unit AS massUnit, temp_unit AS tempUnit,
  length_unit AS lengthUnit, scale_step_g AS scaleStepG, fine_step_g AS fineStepG, work_from_minute AS workFromMinute,
  work_until_minute AS workUntilMinute, yeast_type AS yeastType, people,
  tap_c AS tapC, mixed_by AS mixedBy, waste, sure_pct AS surePct, wish`;

/** The shop, or null in an empty data folder. */
export function maybeOneShop(db: Db): Shop | null {
  const row = db.prepare(`SELECT ${SHOP_COLUMNS} FROM shop WHERE id = 1`).get();
  if (row === undefined) return null;
  const { people, wish, ...rest } = row as Omit<Shop, 'people' | 'wish'> & {
    people: string;
    wish: string;
  };
  return {
    ...rest,
    people: peopleSchema.parse(JSON.parse(people)),
    wish: wishSchema.parse(JSON.parse(wish)),
  };
}

/**
 * The shop.
 * @throws {NotFoundError} in an empty data folder
 */
export function oneShop(db: Db): Shop {
  const shop = maybeOneShop(db);
  if (shop === null) throw new NotFoundError(tr`Shop`, '1');
  return shop;
}

/** The language that the shop speaks; null in an empty data folder. */
export function shopLanguage(db: Db): Language | null {
  const row = db.prepare('SELECT language FROM shop WHERE id = 1').get();
  return (row as { language: Language } | undefined)?.language ?? null;
}

/** Writes the shop's settings. */
export function saveShop(db: Db, shop: Shop): void {
  db.prepare(
    `INSERT INTO shop (id, name, time_zone, language, mass_unit, temp_unit, length_unit, scale_step_g, fine_step_g,
       work_from_minute, work_until_minute, yeast_type, people, tap_c, mixed_by, waste, sure_pct, wish)
     VALUES (1, @name, @timeZone, @language, @massUnit, @tempUnit, @lengthUnit, @scaleStepG, @fineStepG,
       @workFromMinute, @workUntilMinute, @yeastType, @people, @tapC, @mixedBy, @waste, @surePct, @wish)
     ON CONFLICT (id) DO UPDATE SET name = excluded.name, time_zone = excluded.time_zone,
       language = excluded.language,
       mass_unit = excluded.mass_unit, temp_unit = excluded.temp_unit,
       length_unit = excluded.length_unit,
       scale_step_g = excluded.scale_step_g, fine_step_g = excluded.fine_step_g,
       work_from_minute = excluded.work_from_minute,
       work_until_minute = excluded.work_until_minute,
       yeast_type = excluded.yeast_type, people = excluded.people,
       tap_c = excluded.tap_c, mixed_by = excluded.mixed_by,
       waste = excluded.waste, sure_pct = excluded.sure_pct, wish = excluded.wish`,
  ).run({
    ...shop,
    people: JSON.stringify(shop.people),
    wish: JSON.stringify(shop.wish ?? 'sure dough'),
  });
}

/** Every place with its settings. */
export function listPlaces(db: Db): Place[] {
  const places = db
    .prepare(
      'SELECT id, name, capacity_l AS capacityL, insulation, follows FROM place ORDER BY rowid',
    )
    .all() as Omit<Place, 'settings'>[];
  const settings = db
    .prepare(
      `SELECT place_id AS placeId, from_ms AS fromMs, temp_c AS tempC, daily
       FROM place_setting ORDER BY from_ms`,
    )
    .all() as { placeId: string; fromMs: number; tempC: number; daily: string | null }[];
  return places.map((place) => ({
    ...place,
    settings: settings
      .filter((setting) => setting.placeId === place.id)
      .map(({ fromMs, tempC, daily }) => ({
        fromMs,
        tempC,
        daily: daily === null ? null : dailySchema.parse(JSON.parse(daily)),
      })),
  }));
}

/** Adds a place with its first temperature, which also holds for the past. */
export function addPlace(db: Db, place: Omit<Place, 'settings'>, tempC: number): void {
  db.transaction(() => {
    db.prepare(
      `INSERT INTO place (id, name, capacity_l, insulation, follows)
       VALUES (@id, @name, @capacityL, @insulation, @follows)`,
    ).run({ ...place, follows: place.follows ?? 0 });
    addPlaceSetting(db, { placeId: place.id, fromMs: 0, tempC });
  })();
}

/** Renames a place or changes its capacity. */
export function savePlace(db: Db, place: Omit<Place, 'settings'>): void {
  const { changes } = db
    .prepare(
      `UPDATE place SET name = @name, capacity_l = @capacityL, insulation = @insulation,
         follows = @follows WHERE id = @id`,
    )
    .run({ ...place, follows: place.follows ?? 0 });
  if (changes === 0) throw new NotFoundError(tr`Place`, place.id);
}

/** Sets a place to a temperature from an instant on. */
export function addPlaceSetting(
  db: Db,
  setting: {
    readonly placeId: string;
    readonly fromMs: number;
    readonly tempC: number;
    readonly daily?: readonly DailyPoint[] | null;
  },
): void {
  db.prepare(
    `INSERT INTO place_setting (place_id, from_ms, temp_c, daily)
     VALUES (@placeId, @fromMs, @tempC, @daily)
     ON CONFLICT (place_id, from_ms) DO UPDATE
       SET temp_c = excluded.temp_c, daily = excluded.daily`,
  ).run({ ...setting, daily: setting.daily == null ? null : JSON.stringify(setting.daily) });
}
