/** @jest-environment jsdom */
import { rememberRoom, roomOf, ROOM_COOKIE } from './room';

test('what a device remembers is what its next picture is drawn for', () => {
  const room = { width: 1350, height: 692, text: 1.0625 };
  rememberRoom(room);
  const said = document.cookie.split('; ').find((one) => one.startsWith(`${ROOM_COOKIE}=`));
  expect(roomOf(said?.slice(ROOM_COOKIE.length + 1))).toEqual(room);
});

test.each([
  undefined,
  '',
  '1350',
  '1350x692',
  '1350x692x0',
  '99x692x1',
  '13500x692x1',
  '1x1x1',
  '1350x692x9',
  '-1350x692x1',
  'x',
])('what no device would have written is no room: %s', (said) => expect(roomOf(said)).toBeNull());
