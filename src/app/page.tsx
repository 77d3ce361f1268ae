import { tr } from '@/words/tr';
import { cookies } from 'next/headers';
import { connection } from 'next/server';
import { Begin } from '@/features/begin/begin';
import { ROOM_COOKIE, roomOf } from '@/features/tide/room';
import { LiveTide } from '@/features/tide/live-tide';
import { shopContext } from '@/server/context';
import { mayBegin } from '@/server/commands/roles';
import { tideView } from '@/server/tide';
import { ViewFrame } from '@/ui/view-frame';
import { beginShopAction, changeShopAction, lookAtDemoAction } from './actions';
import { handsActions } from './hands-actions';
import { whoAsks } from './who-asks';

export default async function HomePage() {
  await connection();
  const view = tideView(shopContext());
  const { first, clock, units } = view;
  const who = await whoAsks();
  if (first === null || who === null || !mayBegin(who.role))
    return <LiveTide view={view} room={await roomAsked()} actions={handsActions} />;
  return (
    <ViewFrame
      title="Olvik"
      subtitle={tr`three questions first`}
      // Whose clock the shop goes by is one of the questions.
      clock={null}
    >
      <Begin
        first={first}
        nowMs={clock.nowMs}
        rate={clock.rate}
        timeZone={units.timeZone}
        actions={{
          beginShop: beginShopAction,
          lookAtDemo: lookAtDemoAction,
          changeShop: changeShopAction,
        }}
      />
    </ViewFrame>
  );
}

/** The room that the picture had last on the device that asks. */
const roomAsked = async () => roomOf((await cookies()).get(ROOM_COOKIE)?.value);
