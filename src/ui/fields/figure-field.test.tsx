/** @jest-environment jsdom */
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import type { QuantityKind } from '@/core/units';
import { FigureField } from './figure-field';
import { formFields } from './form-fields';
import { NumberBox } from './number-box';
import { METRIC, ShopUnitsProvider, type FigureUnits } from './shop-units';

const OTHER: FigureUnits = { massUnit: 'oz', tempUnit: 'F', lengthUnit: 'in' };

afterEach(cleanup);

function One(props: {
  first: string;
  of: QuantityKind;
  seen: (held: string) => void;
  error?: string;
}) {
  const [value, setValue] = useState(props.first);
  return (
    <FigureField
      label="It"
      of={props.of}
      value={value}
      error={props.error}
      onChange={(held) => {
        props.seen(held);
        setValue(held);
      }}
    />
  );
}

function shown(units: FigureUnits, one: Parameters<typeof One>[0]) {
  render(
    <ShopUnitsProvider units={units}>
      <One {...one} />
    </ShopUnitsProvider>,
  );
  return screen.getByRole<HTMLInputElement>('textbox');
}

test('a shop of ounces types ounces, the form holds grams', () => {
  const seen = jest.fn<undefined, [string]>();
  const field = shown(OTHER, { first: '250', of: 'mass', seen });
  expect(screen.getByLabelText('It, oz')).toBe(field);
  expect(field.value).toBe('8.818');
  fireEvent.change(field, { target: { value: '10' } });
  expect(seen).toHaveBeenLastCalledWith('283.5');
  expect(field.value).toBe('10');
  fireEvent.change(field, { target: { value: '1 lb 2 oz' } });
  expect(field.value).toBe('1 lb 2 oz');
  expect(seen).toHaveBeenLastCalledWith('510.29');
  fireEvent.blur(field);
  expect(field.value).toBe('18');
});

test('grams typed in a shop of ounces are grams; what is left empty stays empty', () => {
  const seen = jest.fn<undefined, [string]>();
  const field = shown(OTHER, { first: '', of: 'mass', seen });
  fireEvent.change(field, { target: { value: '250 g' } });
  expect(seen).toHaveBeenLastCalledWith('250');
  fireEvent.blur(field);
  expect(field.value).toBe('8.818');
  fireEvent.change(field, { target: { value: '' } });
  expect(seen).toHaveBeenLastCalledWith('');
  fireEvent.blur(field);
  expect(field.value).toBe('');
});

test('what is typed on the way to a figure stands, and what is none is kept for its refusal', () => {
  const seen = jest.fn<undefined, [string]>();
  const field = shown(METRIC, { first: '4', of: 'temperature', seen });
  expect(screen.getByLabelText('It, °C')).toBe(field);
  for (const text of ['2', '24', '24.', '24.5']) {
    fireEvent.change(field, { target: { value: text } });
    expect(field.value).toBe(text);
    expect(seen).toHaveBeenLastCalledWith(text);
  }
  fireEvent.change(field, { target: { value: 'warm' } });
  fireEvent.blur(field);
  expect(field.value).toBe('warm');
});

test('a refusal is said in the shop’s degrees', () => {
  const error = 'Measured: 204.4 °C is not possible. Allowed: −30 to 45 °C.';
  const field = shown(OTHER, { first: '', of: 'temperature', seen: () => undefined, error });
  expect(field.getAttribute('aria-invalid')).toBe('true');
  expect(
    screen.getByText('Measured: 399.9 °F is not possible. Allowed: −22 to 113 °F.'),
  ).toBeTruthy();
});

test('a number box takes figures only, and stands as it is outside when it is left', () => {
  const taken = jest.fn<undefined, [number]>();
  function Box() {
    const [value, setValue] = useState(250);
    return (
      <NumberBox
        name="weight"
        label="Each"
        of="mass"
        value={value}
        onValue={(next) => {
          taken(next);
          setValue(Math.min(300, next));
        }}
      />
    );
  }
  render(<Box />);
  const field = screen.getByLabelText<HTMLInputElement>('Each, g');
  fireEvent.change(field, { target: { value: '' } });
  fireEvent.change(field, { target: { value: 'x' } });
  expect(taken).not.toHaveBeenCalled();
  fireEvent.change(field, { target: { value: '900' } });
  expect(taken).toHaveBeenLastCalledWith(900);
  expect(field.value).toBe('900');
  fireEvent.blur(field);
  expect(field.value).toBe('300');
});

test('fields of a form by their names: what is typed and chosen arrives, what is wrong is marked', () => {
  const changed = jest.fn<undefined, [object]>();
  function Form() {
    const fields = { need: '200', placeId: 'bench' };
    const { figure, choice } = formFields(fields, { need: 'Need: too much.' }, changed, true);
    return (
      <>
        {figure('need', 'Need', 'mass')}
        {choice('placeId', 'Stands at', [
          { id: 'bench', name: 'Bench' },
          { id: 'cold', name: 'Fridge' },
        ])}
      </>
    );
  }
  render(<Form />);
  expect(screen.getByText('Need: too much.')).toBeTruthy();
  fireEvent.change(screen.getByLabelText('Need, g'), { target: { value: '180' } });
  expect(changed).toHaveBeenLastCalledWith({ need: '180' });
  fireEvent.change(screen.getByLabelText('Stands at'), { target: { value: 'cold' } });
  expect(changed).toHaveBeenLastCalledWith({ placeId: 'cold' });
});
