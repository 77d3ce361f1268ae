/** @jest-environment jsdom */
import { screen, waitFor } from '@testing-library/react';
import { SLIP_FOUR, SPIRAL } from '../../../tests/fixtures/slip-four';
import { GRAMS, fieldNamed, shown, SIX_MS as nowMs } from '../../../tests/fixtures/shown';
import type { PlaceBefore } from '@/server/shop/place';
import type { PlaceRow } from '@/server/shop/shop-view';
import { done, refused } from '@/shop/outcome';
import { ShopUnitsProvider } from '@/ui/fields/shop-units';
import { EquipmentPanel } from './equipment-panel';
import { PlaceForm } from './place-form';
import { ReadingForm } from './reading-form';
import { SettingsPanel } from './settings-panel';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const OTHER = { ...GRAMS, massUnit: 'oz', tempUnit: 'F', lengthUnit: 'in' } as const;

const BENCH: PlaceBefore = {
  id: 'bench',
  name: 'Bench',
  capacityL: 30,
  tempC: 21,
  insulation: 1,
  follows: 0.5,
  daily: null,
};

/** A label of the page, wherever its field is. */
const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);

describe('the shop’s settings', () => {
  const opened = (change: jest.Mock, units: typeof GRAMS | typeof OTHER = GRAMS) =>
    shown(
      <ShopUnitsProvider units={units}>
        <SettingsPanel shop={{ ...SLIP_FOUR, ...units }} change={change} />
      </ShopUnitsProvider>,
    );

  test('only what was changed is sent, and undo sends what stood there before', async () => {
    const change = jest.fn().mockResolvedValue(done({ before: SLIP_FOUR }));
    const { user, askedAnew } = opened(change);
    await user.clear(fieldNamed('people'));
    await user.type(fieldNamed('people'), ' Jo,, Maren , Sig ');
    await user.selectOptions(document.querySelector('[name="massUnit"]')!, 'ounces');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(change).toHaveBeenCalledTimes(1));
    expect(change.mock.calls[0]![0]).toEqual({ people: ['Jo', 'Maren', 'Sig'], massUnit: 'oz' });
    expect(askedAnew).toHaveBeenCalled();
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(change).toHaveBeenCalledTimes(2));
    expect(change.mock.calls[1]![0]).toEqual({ people: ['Jo', 'Maren'], massUnit: 'g' });
    await waitFor(() => expect(fieldNamed('people').value).toBe('Jo, Maren'));
  });

  test('hours are read as they are typed; what is no hour goes on as it is, to be refused at its field', async () => {
    const sentence = 'Working hours: half six is not possible. Allowed: 0 to 1439 min.';
    const change = jest.fn().mockResolvedValue(refused('workFromMinute', sentence));
    const { user } = opened(change);
    await user.clear(fieldNamed('workFrom'));
    await user.type(fieldNamed('workFrom'), 'half six');
    await user.clear(fieldNamed('workUntil'));
    await user.type(fieldNamed('workUntil'), '9:30');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText(sentence)).toBeTruthy();
    expect(change.mock.calls[0]![0]).toEqual({ workFromMinute: 'half six', workUntilMinute: 570 });
    expect(fieldNamed('workFrom').value).toBe('half six');
  });

  test('the tap and the scales are typed in the shop’s units', async () => {
    const change = jest.fn().mockResolvedValue(done({ before: SLIP_FOUR }));
    const { user } = opened(change, OTHER);
    expect(fieldNamed('tapC').value).toBe('48.2');
    await user.clear(fieldNamed('tapC'));
    await user.type(fieldNamed('tapC'), '50');
    await user.clear(fieldNamed('fineStepG'));
    await user.type(fieldNamed('fineStepG'), '0.01 g');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(change).toHaveBeenCalled());
    expect(change.mock.calls[0]![0]).toEqual({ tapC: '10', fineStepG: '0.01' });
  });
});

describe('a place', () => {
  const opened = (
    place: PlaceBefore | null,
    change: jest.Mock,
    units: typeof GRAMS | typeof OTHER = GRAMS,
  ) =>
    shown(
      <ShopUnitsProvider units={units}>
        <PlaceForm place={place} change={change} units={units} />
      </ShopUnitsProvider>,
    );

  test('an unchanged place can not be saved; a new temperature alone is sent, and undo sends the old one', async () => {
    const change = jest.fn().mockResolvedValue(done({ before: BENCH }));
    const { user } = opened(BENCH, change);
    const save = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Save' });
    expect(save().disabled).toBe(true);
    await user.clear(field('Stands at, °C'));
    await user.type(field('Stands at, °C'), '23,5');
    await user.click(save());
    await waitFor(() => expect(change).toHaveBeenCalledTimes(1));
    expect(change.mock.calls[0]![0]).toEqual({ id: 'bench', tempC: '23,5' });
    expect(await screen.findByText('Bench: 23.5° from now on.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(change).toHaveBeenCalledTimes(2));
    expect(change.mock.calls[1]![0]).toEqual({ id: 'bench', tempC: '21' });
  });

  test('a curve over the day is typed and shown in the shop’s degrees', async () => {
    const daily = [
      { minute: 360, tempC: 19 },
      { minute: 840, tempC: 24 },
    ];
    const change = jest.fn().mockResolvedValue(done({ before: BENCH }));
    const { user } = opened({ ...BENCH, daily }, change, OTHER);
    const curve = field('Over the day, if it changes');
    expect(curve.value).toBe('06:00 66.2, 14:00 75.2');
    await user.clear(curve);
    await user.type(curve, '06:00 68, 15:30 25 c');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(change).toHaveBeenCalled());
    expect(change.mock.calls[0]![0]).toEqual({
      id: 'bench',
      daily: [
        { minute: 360, tempC: 20 },
        { minute: 930, tempC: 25 },
      ],
    });
  });

  test('what can not be read of a curve is refused here, nothing is sent, what was typed stays', async () => {
    const change = jest.fn();
    const { user } = opened(BENCH, change);
    const curve = field('Over the day, if it changes');
    await user.type(curve, '06:00 warm');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText(/“06:00 warm” is not an hour and a temperature/)).toBeTruthy();
    expect(change).not.toHaveBeenCalled();
    expect(curve.value).toBe('06:00 warm');
  });

  test('a new place sends all of its fields; a name that is taken is refused at the name', async () => {
    const taken = 'Place: there is a “Bench” already. Choose another name.';
    const change = jest.fn().mockResolvedValue(refused('name', taken));
    const { user } = opened(null, change);
    await user.type(field('Place'), 'Bench');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText(taken)).toBeTruthy();
    expect(change.mock.calls[0]![0]).toMatchObject({
      name: 'Bench',
      tempC: '20',
      capacityL: '40',
      daily: [],
    });
    expect(field('Place').getAttribute('aria-invalid')).toBe('true');
  });
});

describe('a reading', () => {
  const PLACE = { id: 'bench', name: 'Bench', reading: null, offsetC: null } as unknown as PlaceRow;
  const opened = (logReading: jest.Mock, units: typeof GRAMS | typeof OTHER = GRAMS) => {
    const undo = jest.fn().mockResolvedValue(done({ batch: 'b' }));
    const actions = { logReading, undo, changePlace: jest.fn(), troubleProbe: jest.fn() };
    return {
      undo,
      ...shown(
        <ShopUnitsProvider units={units}>
          <ReadingForm place={PLACE} actions={actions} nowMs={nowMs} units={units} />
        </ShopUnitsProvider>,
      ),
    };
  };

  test('is logged in °C whatever it was typed in, says what was learned, and is taken back', async () => {
    const logReading = jest.fn().mockResolvedValue(done({ batch: 'b-1', offsetC: 0.5 }));
    const { user, undo } = opened(logReading, OTHER);
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Log it' }).disabled).toBe(true);
    await user.type(field('Measured now, °F'), '71.6');
    await user.click(screen.getByRole('button', { name: 'Log it' }));
    await waitFor(() => expect(logReading).toHaveBeenCalled());
    expect(logReading.mock.calls[0]![0]).toMatchObject({ placeId: 'bench', tempC: '22' });
    expect(
      await screen.findByText('Bench: 71.6°F measured, taken to be 0.9°F warmer than set.'),
    ).toBeTruthy();
    expect(field('Measured now, °F').value).toBe('');
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(undo).toHaveBeenCalledWith('b-1'));
  });

  test('one that no place of a bakery has is refused at the field, and stays there', async () => {
    const sentence = 'Reading: 400 °C is not possible. Allowed: −40 to 60 °C.';
    const { user } = opened(jest.fn().mockResolvedValue(refused('tempC', sentence)));
    await user.type(field('Measured now, °C'), '400');
    await user.click(screen.getByRole('button', { name: 'Log it' }));
    expect(await screen.findByText(sentence)).toBeTruthy();
    expect(field('Measured now, °C').value).toBe('400');
  });
});

describe('what the shop works with', () => {
  test('nothing said yet says so; an oven asks for how long it heats and bakes', async () => {
    const changeEquipment = jest.fn().mockResolvedValue(done({ id: 'new', before: null }));
    const actions = { changeEquipment, removeEquipment: jest.fn() };
    const { user } = shown(<EquipmentPanel things={[]} actions={actions} />);
    expect(screen.getByText(/Nothing said yet/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Add a mixer, oven, box or tub' }));
    expect(screen.queryByLabelText('Hot in, min')).toBeNull();
    await user.selectOptions(screen.getByRole('combobox'), 'Oven');
    await user.type(field('Name'), 'Deck');
    await user.clear(field('Hot in, min'));
    await user.type(field('Hot in, min'), '75');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(changeEquipment).toHaveBeenCalled());
    expect(changeEquipment.mock.calls[0]![0]).toMatchObject({
      id: null,
      kind: 'oven',
      name: 'Deck',
      heatMin: '75',
    });
  });

  test('a mixer that fails is out of order with one tap, works again with another, and undo puts it back', async () => {
    const changeEquipment = jest.fn().mockResolvedValue(done({ id: 'mixer', before: SPIRAL }));
    const actions = { changeEquipment, removeEquipment: jest.fn() };
    const { user, unmount } = shown(<EquipmentPanel things={[SPIRAL]} actions={actions} />);
    expect(screen.queryByRole('button', { name: /Works again/ })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Out of order: Spiral' }));
    expect(changeEquipment).toHaveBeenLastCalledWith({ ...SPIRAL, broken: 1 });
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    expect(changeEquipment).toHaveBeenLastCalledWith({ ...SPIRAL, broken: 0 });
    unmount();
    shown(<EquipmentPanel things={[{ ...SPIRAL, broken: 1 }]} actions={actions} />);
    expect(screen.getByText('Out of order.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Out of order/ })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Works again: Spiral' }));
    expect(changeEquipment).toHaveBeenLastCalledWith({ ...SPIRAL, broken: 0 });
  });

  test('a mixer is told with its sizes, taken out, and put back as it was', async () => {
    const changeEquipment = jest.fn().mockResolvedValue(done({ id: 'mixer', before: null }));
    const removeEquipment = jest.fn().mockResolvedValue(done({ before: SPIRAL }));
    const { user } = shown(
      <EquipmentPanel things={[SPIRAL]} actions={{ changeEquipment, removeEquipment }} />,
    );
    expect(screen.getByText(/2 to 12 kg of dough/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /Change/ }));
    await user.click(screen.getByRole('button', { name: 'Take out' }));
    await waitFor(() => expect(removeEquipment).toHaveBeenCalledWith('mixer'));
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(changeEquipment).toHaveBeenCalledWith(SPIRAL));
  });
});
