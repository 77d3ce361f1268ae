/**
 * What a column of the archive holds: whole number, number, text, a JSON value; `?` where it may be null, `=1` where it may
 * be missing, as archives of an earlier Olvik do not have it.
 */
export type ColumnKind =
  | 'int'
  | 'int=1'
  | 'int=80'
  | 'text=cm'
  | 'text=en'
  | 'int?'
  | 'real'
  | 'real?'
  | 'text'
  | 'text?'
  | 'text?=null'
  | 'json'
  | 'json?';

/** The tables of a shop with their columns, in the order in which they are written and read. */
export const ARCHIVE_TABLES = {
  shop: {
    id: 'int',
    name: 'text',
    time_zone: 'text',
    mass_unit: 'text',
    temp_unit: 'text',
    length_unit: 'text=cm',
    language: 'text=en',
    scale_step_g: 'real',
    fine_step_g: 'real',
    work_from_minute: 'int',
    work_until_minute: 'int',
    yeast_type: 'text',
    people: 'json',
    tap_c: 'real',
    mixed_by: 'text',
    waste: 'text',
    sure_pct: 'int=80',
    wish: 'json',
  },
  place: { id: 'text', name: 'text', capacity_l: 'real', insulation: 'real', follows: 'real' },
  place_setting: { place_id: 'text', from_ms: 'int', temp_c: 'real', daily: 'json?' },
  flour: {
    id: 'text',
    name: 'text',
    strength_w: 'real?',
    protein_share: 'real?',
    wholegrain_share: 'real',
    ash_share: 'real?',
    absorption: 'real?',
    allergens: 'json',
    retired_ms: 'int?',
  },
  method: { id: 'text', created_ms: 'int', retired_ms: 'int?' },
  method_version: {
    id: 'text',
    method_id: 'text',
    number: 'int',
    created_ms: 'int',
    body: 'json',
  },
  demand: {
    id: 'text',
    name: 'text',
    created_ms: 'int',
    ready_from_ms: 'int',
    ready_to_ms: 'int',
    balls: 'int',
    per_hour: 'json?',
    methods: 'json',
    weekly: 'int',
    withdrawn_ms: 'int?',
    doughs: 'int=1',
  },
  bake: {
    id: 'text',
    name: 'text',
    created_ms: 'int',
    ready_from_ms: 'int',
    ready_to_ms: 'int',
    formula: 'json',
    poolish_place_id: 'text',
    dough_place_id: 'text',
    method_version_id: 'text?',
    demand_id: 'text?',
    demand_date: 'text?',
  },
  culture: {
    id: 'text',
    name: 'text',
    kind: 'text',
    hydration: 'real',
    salt_share: 'real',
    flours: 'json',
    keep_g: 'real',
    place_id: 'text',
    vessel_tare_g: 'real',
    vessel_ml: 'real',
    every_h: 'real',
    usual_ratio: 'real',
    thinnest_ratio: 'real',
    discard_to: 'text?',
    keeps_days: 'real?',
    limit_g: 'real?',
    begun_ms: 'int?',
    retired_ms: 'int?',
  },
  flour_lot: { id: 'text', flour_id: 'text', code: 'text', from_ms: 'int' },
  equipment: {
    id: 'text',
    kind: 'text',
    name: 'text',
    count: 'int',
    least: 'real',
    most: 'real',
    heat_min: 'int',
    bake_min: 'real',
    broken: 'int?',
  },
  probe: { place_id: 'text', kind: 'text', fault: 'text', fault_from_ms: 'int' },
  presence: { who: 'text', weekday: 'int', from_minute: 'int', until_minute: 'int' },
  closing_day: { day: 'text' },
  pinned_step: { step_id: 'text' },
  step_person: { step_id: 'text', person: 'text' },
  demand_skip: { demand_id: 'text', date: 'text' },
  stock: {
    ingredient_id: 'text',
    there_g: 'real?',
    counted_ms: 'int?',
    price_per_kg: 'real?',
  },
  learning_reset: { culture: 'text', from_ms: 'int' },
  printed_label: {
    id: 'text',
    at_ms: 'int',
    lot_id: 'text',
    size: 'text',
    copies: 'int',
    content: 'json',
  },
  practice_round: {
    id: 'text',
    at_ms: 'int',
    who: 'text?',
    seed: 'int',
    level: 'int',
    kind: 'text',
    truth: 'text',
    judged: 'text',
    points: 'int',
  },
  mix_card: { id: 'text', step_id: 'text', batch_number: 'int', started_ms: 'int' },
  mix_mark: { seq: 'int', id: 'text', card_id: 'text', at_ms: 'int', body: 'json' },
  journal: {
    seq: 'int',
    id: 'text',
    at_ms: 'int',
    recorded_ms: 'int',
    tense: 'text',
    kind: 'text',
    batch: 'text',
    by: 'text?',
    device: 'text?=null',
    bake_id: 'text?',
    fulfils: 'text?',
    body: 'json',
  },
} as const satisfies Readonly<Record<string, Readonly<Record<string, ColumnKind>>>>;

export type ArchiveTable = keyof typeof ARCHIVE_TABLES;
export const TABLE_NAMES = Object.keys(ARCHIVE_TABLES) as ArchiveTable[];
