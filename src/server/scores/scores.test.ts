import sharp from 'sharp';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { demoShop } from '../../../tests/demo-shop';
import { freshBatch, sentences, value } from '../../../tests/fixtures/services';
import { listBakes, openShop } from '@/data';
import { PHOTO_SIDE_PX, reencodePhoto } from '@/formats/photo';
import { contextOver } from '../context';
import { foldedJournal } from '../journal/journal-memory';
import { logView } from '../log/log';
import { ensureShop } from '../shop/new-shop';
import { tideView } from '../tide';
import { undoBatch } from '../journal/undo';
import { bakePage } from './bake-page';
import { compareView } from './compare-view';
import { keepPhoto, readPhoto } from './photos';
import { logNote, logScore } from './score';
import { takeChange } from './take-change';

const { context, startMs } = demoShop();
const baked = tideView(context).toScore!;

describe('a score', () => {
  test('is asked for after a service, written, found, and taken back', () => {
    expect(baked.name).toBe('Quay');
    const batch = freshBatch();
    const form = { bakeId: baked.bakeId, batch, first: 'right', lastOpening: 'slack', rimMm: '24' };
    value(logScore(context, { ...form, note: 'Spread by itself at two.', by: 'Jo' }));
    expect(tideView(context).toScore).toBeNull();
    expect(bakePage(context, baked.bakeId)!.score).toEqual({
      kind: 'score',
      opening: { first: 'right', last: 'slack' },
      rimMm: 24,
      note: 'Spread by itself at two.',
    });
    expect(logView(context, { q: 'spread itself' }).rows[0]!.says).toContain('at the end slack');
    value(undoBatch(context, batch));
    expect(bakePage(context, baked.bakeId)!.score).toBeNull();
    expect(tideView(context).toScore).toEqual(baked);
  });
  test('one answer stands for both ends; the last word of a bake counts', () => {
    value(logScore(context, { bakeId: baked.bakeId, batch: freshBatch(), first: 'tears' }));
    value(logScore(context, { bakeId: baked.bakeId, batch: freshBatch(), lastOpening: 'right' }));
    expect(bakePage(context, baked.bakeId)!.score!.opening).toEqual({
      first: 'right',
      last: 'right',
    });
    expect(foldedJournal(context).scores.filter((one) => one.bakeId === baked.bakeId)).toHaveLength(
      2,
    );
  });
  test.each([
    [{ first: 'explodes' }, 'first'],
    [{ rimMm: '900' }, 'Rim: 900'],
    [{ photos: ['../../etc/passwd'] }, 'Photo'],
    [{ note: 'x'.repeat(601) }, 'at most 600'],
    [{}, 'say at least one thing'],
  ])('%j is refused', (more, says) => {
    const before = foldedJournal(context).scores.length;
    const outcome = logScore(context, { bakeId: baked.bakeId, batch: freshBatch(), ...more });
    expect(outcome.ok).toBe(false);
    if (says !== 'first') expect(sentences(outcome).join(' ')).toContain(says);
    expect(foldedJournal(context).scores).toHaveLength(before);
  });
  test('of a bake that nobody baked is refused', () => {
    const planned = listBakes(context.db).find((one) => one.readyFromMs > startMs)!;
    const form = { bakeId: planned.id, batch: freshBatch(), first: 'right' };
    expect(sentences(logScore(context, form))[0]).toContain('nothing of this bake was baked');
  });
  test('a note needs a word', () => {
    expect(sentences(logNote(context, { batch: freshBatch(), text: '  ' }))[0]).toContain('a word');
    const stray = { batch: freshBatch(), text: 'Lid off', lotId: 'X0101-9' };
    expect(sentences(logNote(context, stray))[0]).toContain('“X0101-9” was never made');
    value(
      logNote(context, {
        batch: freshBatch(),
        text: 'Door seal of the fridge is loose.',
        lotId: null,
      }),
    );
    expect(logView(context, { q: 'seal', part: 'scores and notes' }).rows).toHaveLength(1);
  });
});

describe('a photo', () => {
  const picture = (width: number, height: number) =>
    sharp({ create: { width, height, channels: 3, background: { r: 180, g: 160, b: 90 } } })
      .jpeg()
      .toBuffer();
  const folder = mkdtempSync(path.join(tmpdir(), 'olvik-photos-'));
  const db = openShop(folder);
  ensureShop(db, 'UTC');
  const kept = contextOver(db);
  afterAll(() => {
    db.close();
    rmSync(folder, { recursive: true });
  });
  test('is written anew: smaller, and without what else was in the file', async () => {
    const jpeg = await picture(2000, 1000);
    const where = Buffer.from('GPS 59.9 N 10.7 E');
    const segment = Buffer.concat([Buffer.from([0xff, 0xe1, 0, where.length + 2]), where]);
    const tagged = Buffer.concat([jpeg.subarray(0, 2), segment, jpeg.subarray(2)]);
    const again = await reencodePhoto(tagged);
    if (again.kind !== 'photo') throw new Error('refused');
    expect([again.width, again.height]).toEqual([PHOTO_SIDE_PX, PHOTO_SIDE_PX / 2]);
    expect(tagged.includes('GPS')).toBe(true);
    expect(Buffer.from(again.bytes).includes('GPS')).toBe(false);
  });
  test('that was taken with the camera on its side stands upright', async () => {
    const lying = await sharp(await picture(60, 40))
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    const again = await reencodePhoto(lying);
    expect(again).toMatchObject({ width: 40, height: 60 });
  });
  test('is kept beside the database and read back', async () => {
    const { name } = value(await keepPhoto(kept, await picture(40, 30)));
    expect(readdirSync(path.join(folder, 'photos'))).toEqual([name]);
    expect(readPhoto(kept, name)!.length).toBeGreaterThan(100);
  });
  test('what is no picture is refused, and nothing leads out of the folder', async () => {
    const small = await picture(9, 9);
    const png = await sharp(small).png().toBuffer();
    const half = (await picture(400, 300)).subarray(0, 900);
    for (const bytes of [
      new Uint8Array(0),
      Buffer.from('<svg/>'),
      small.subarray(0, 60),
      png,
      half,
    ]) {
      expect(sentences(await keepPhoto(kept, bytes))[0]).toContain('no JPEG');
    }
    const large = await keepPhoto(kept, new Uint8Array(9_000_000));
    expect(sentences(large)[0]).toContain('too large');
    for (const name of ['../olvik.sqlite', '..%2Folvik.sqlite', 'a.jpg', '/etc/passwd']) {
      expect(readPhoto(kept, name)).toBeNull();
    }
  });
});

describe('bakes side by side', () => {
  const slack = foldedJournal(context).scores.find(
    (one) => one.score.opening?.last === 'slack' && one.atMs > startMs - 8 * 86_400_000,
  )!;
  const good = foldedJournal(context).scores.find(
    (one) => one.score.opening?.last === 'right' && one.atMs === slack.atMs - 7 * 86_400_000,
  )!;
  const view = compareView(context, [good.bakeId, slack.bakeId]);
  test('the hot dough explains most of what went wrong', () => {
    const [first] = view.differed;
    expect(first!.key).toBe('startC');
    expect(first!.values[1]).toBe(27.5);
    expect(first!.explains!).toBeGreaterThan(0.5);
    const all = view.differed.reduce((sum, one) => sum + (one.explains ?? 0), 0);
    expect(all).toBeCloseTo(1, 6);
  });
  test('the change proposed is of the slack one, and its forecast is better than it was', () => {
    expect(view.changed).toBe(slack.bakeId);
    const [change] = view.changes;
    expect(change!.odds).toBeGreaterThan(change!.oddsBefore);
    expect(view.changes.map((one) => one.odds)).toEqual(
      view.changes.map((one) => one.odds).sort((a, b) => b - a),
    );
  });
  test('the levels meet at the mix, and the looks lie on them', () => {
    for (const bake of view.bakes) {
      expect(bake.leaven.at(-1)![0]).toBeCloseTo(0, 6);
      expect(bake.dough[0]![0]).toBeCloseTo(0, 6);
      expect(bake.dough.at(-1)![0]).toBeCloseTo(bake.servedH[1], 6);
    }
  });
  test('taken, the change is a new version, and a bake is planned with it; anything else is refused', () => {
    const [change] = view.changes;
    const taken = value(
      takeChange(context, { bakeId: slack.bakeId, key: change!.key, placeId: change!.placeId }),
    );
    expect(taken.bakeId).not.toBeNull();
    expect(taken.readyFromMs).toBeGreaterThan(startMs);
    expect(listBakes(context.db).map((one) => one.id)).toContain(taken.bakeId);
    expect(
      sentences(takeChange(context, { bakeId: slack.bakeId, key: 'strengthW', placeId: null }))[0],
    ).toContain('not proposed any more');
  });
  test('one bake, none, or bakes that there are not, are no comparison and no error', () => {
    expect(compareView(context, []).bakes).toEqual([]);
    expect(compareView(context, ['nobody', good.bakeId]).bakes).toHaveLength(1);
    expect(compareView(context, [good.bakeId, good.bakeId]).bakes).toHaveLength(1);
  });
});
