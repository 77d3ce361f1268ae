import { randomUUID } from 'node:crypto';
import { readFileSync, writeSync } from 'node:fs';
import path from 'node:path';
import sharp from 'sharp';
import { openShop } from '@/data';
import { keepBackup } from '@/server/backups/backups';
import { restoreShop } from '@/server/backups/restore';
import { command } from '@/server/commands/command';
import { contextOver, shopContext, type ShopContext } from '@/server/context';
import { takeArchive } from '@/server/archive/read-archive';
import { keepPhoto } from '@/server/scores/photos';
import { sendWaiting } from '@/ui/waiting/send-waiting';
import { validCommands, type ValidCommand } from '../../../tests/fixtures/valid-commands';
import { randomOf } from './figures';
import { sendAct, waitingDevice, WAITED_UNTIL_MS } from './waiting-device';

/** What a child does until it is killed. */
export const KILL_MODES = [
  'commands',
  'every command',
  'queue replay',
  'ways in',
  'back-up',
  'restore',
  'photo',
  'archive in',
  'migration',
] as const;
export type KillMode = (typeof KILL_MODES)[number];

/** Said to the parent at once, in one write: what is said is confirmed. */
const say = (line: string) => void writeSync(1, `${line}\n`);

const holder = globalThis as { olvikContext?: ShopContext };

/** Opens a shop and works on it until the process is killed. */
export async function workUntilKilled(mode: KillMode, folder: string, seed: number): Promise<void> {
  if (mode === 'migration') {
    say('ready');
    openShop(folder).close();
    say('done');
    return;
  }
  const context = contextOver(openShop(folder));
  holder.olvikContext = context;
  if (mode === 'every command') return everyCommand(context, seed);
  say('ready');
  await WORK[mode](context, folder, seed);
}

type Work = (context: ShopContext, folder: string, seed: number) => Promise<void>;

/** Every command that a shop knows, one after the other from another one each time, each as a page sends it. */
async function everyCommand(context: ShopContext, seed: number): Promise<void> {
  // A restore puts another shop in this one’s place, and with it what was confirmed: it has a mode of its own.
  const all = validCommands(context).filter(({ name }) => name !== 'restoreShop');
  say('ready');
  for (const [n] of all.entries()) {
    const { name, args } = all[(seed + n) % all.length] as ValidCommand;
    const id = randomUUID();
    const [form, ...rest] = args;
    const sent =
      typeof form === 'object' && form !== null ? [{ ...form, batch: id }, ...rest] : args;
    const outcome = await command(context, { name, args: sent, id });
    // What an earlier one has taken the ground from is refused, and is none that was confirmed.
    if (outcome.ok) say(`ok ${id} ${name}`);
  }
  await new Promise(() => setInterval(() => undefined, 1000));
}

const WORK: Readonly<Record<Exclude<KillMode, 'migration' | 'every command'>, Work>> = {
  commands: async (context, _, seed) => {
    const random = randomOf(seed);
    for (;;) {
      const id = randomUUID();
      const [name, form] = anyCommand(random, id);
      const outcome = await command(context, { name, args: [form], id });
      say(outcome.ok ? `ok ${id} ${name}` : `refused ${JSON.stringify(outcome.refusals)}`);
    }
  },
  // A device that was away sends what waited; the shop is killed in the middle of it.
  'queue replay': async (context, _, seed) => {
    await sendWaiting(
      waitingDevice(seed),
      async (act) => {
        const outcome = await sendAct(context, act);
        if (outcome.ok) say(`sent ${act.id}`);
        return outcome;
      },
      () => WAITED_UNTIL_MS,
    );
  },
  'ways in': async (context) => {
    for (;;) {
      const args = [{ kind: 'readings', name: 'logger' }];
      const outcome = await command(context, { name: 'giveKey', args, id: randomUUID() });
      if (outcome.ok) say(`key ${(outcome.value as { id: string }).id}`);
    }
  },
  'back-up': async (context) => {
    for (let n = 0; ; n += 1) {
      const id = randomUUID();
      await command(context, { name: 'logNote', args: [{ batch: id, text: `note ${n}` }], id });
      const kept = await keepBackup(context, Date.UTC(2026, 0, 1) + n * 1000);
      if (kept.ok) say(`backup ${kept.value.backup.name} ${n + 1}`);
    }
  },
  restore: async (context) => {
    const kept = await keepBackup(context, Date.UTC(2026, 0, 1));
    if (!kept.ok) return;
    const { name } = kept.value.backup;
    for (let n = 1; ; n += 1) {
      await restoreShop(shopContext(), { name }, Date.UTC(2026, 0, 2) + n * 1000);
      say(`restored ${n}`);
    }
  },
  photo: async (context) => {
    for (let n = 0; ; n += 1) {
      const width = 40 + (n % 20);
      const raw = { width, height: 40, channels: 3 } as const;
      const picture = await sharp(Buffer.alloc(width * 40 * 3, n % 256), { raw })
        .jpeg()
        .toBuffer();
      const kept = await keepPhoto(context, picture);
      if (kept.ok) say(`photo ${kept.value.name}`);
    }
  },
  'archive in': async (context, folder) => {
    await Promise.resolve();
    const text = readFileSync(path.join(folder, 'shop.json'), 'utf8');
    const outcome = takeArchive(context.db, text);
    say(outcome.ok ? 'whole' : `refused ${JSON.stringify(outcome.refusals)}`);
  },
};

/** A command that any shop carries out, with an id of its own. */
function anyCommand(random: () => number, id: string): [string, unknown] {
  const pick = random();
  if (pick < 0.4) return ['logNote', { batch: id, text: `word ${id}` }];
  if (pick < 0.7) {
    return ['logReading', { batch: id, placeId: 'bench', tempC: (18 + 8 * random()).toFixed(1) }];
  }
  if (pick < 0.85) return ['noteStock', { ingredientId: 'salt', thereG: '5000', pricePerKg: '' }];
  return ['setWish', pick < 0.93 ? 'sleep' : 'sure dough'];
}
