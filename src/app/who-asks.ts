import { headers } from 'next/headers';
import { shopContext } from '@/server/context';
import { whoHere } from '@/server/ways-in/ways-in';
import { whoOf, type Who } from '@/server/ways-in/who';

/** Who sent the request that is answered; null for a device that is not let in. */
export async function whoAsks(): Promise<Who | null> {
  return whoOf(await headers(), process.env['OLVIK_GATE_KEY'], () => whoHere(shopContext));
}
