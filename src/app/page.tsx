import { tr } from '@/words/tr';
import { cookies } from 'next/headers';
import { connection } from 'next/server';
import { Begin } from '@/features/begin/begin';
import { ROOM_COOKIE, roomOf } from '@/features/tide/room';
import { LiveTide } from '@/features/tide/live-tide';
import { shopContext } from '@/server/context';
import { mayBegin } from '@/server/commands/roles';
import { tideView } from '@/server/tide';
import { ANSWERED_COOKIE } from '@/ui/notice-answers';
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
    return <LiveTide view={view} {...await deviceAsked()} actions={handsActions} />;
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

/** What the device that asks says of itself: the room that its picture had last, and whether it has answered notices. */
async function deviceAsked() {
  const said = await cookies();
  return { room: roomOf(said.get(ROOM_COOKIE)?.value), hasAnswered: said.has(ANSWERED_COOKIE) };
}
