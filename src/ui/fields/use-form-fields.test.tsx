/** @jest-environment jsdom */
import Button from '@mui/material/Button';
import { screen } from '@testing-library/react';
import { fieldNamed, shown } from '../../../tests/fixtures/shown';
import { FormFrame, FormRefusal } from './form-frame';
import { useFormFields } from './use-form-fields';

const saved = jest.fn();
const OPENED = { name: 'Bench', tempC: '21', kind: 'room', daily: '' };

function Form(props: { wrong?: Readonly<Record<string, string>>; told?: boolean }) {
  const { wrong = {}, told } = props;
  const { values, change, reset, dirty, text, figure, choice } = useFormFields(OPENED, wrong, told);
  return (
    <FormFrame label="Place" onSave={() => saved(values)}>
      {text('name', 'Name')}
      {figure('tempC', 'Stands at', 'temperature', { hint: 'as it usually is' })}
      {choice('kind', 'Kind', [
        { id: 'room', name: 'Room' },
        { id: 'cold', name: 'Cold' },
      ])}
      {text('daily', 'Over the day', { placeholder: '06:00 19', longest: 5 })}
      <FormRefusal sentence={wrong['']} />
      <Button onClick={() => change({ name: 'Cellar', kind: 'cold' })}>Cellar</Button>
      <Button onClick={() => reset(OPENED)}>Anew</Button>
      <Button type="submit" disabled={!dirty}>
        Save
      </Button>
    </FormFrame>
  );
}
const save = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Save' });
beforeEach(() => saved.mockClear());

test('what is typed and chosen is saved; a form is changed until it is typed back', async () => {
  const { user } = shown(<Form />);
  expect(save().disabled).toBe(true);
  await user.type(fieldNamed('name'), '2');
  expect(save().disabled).toBe(false);
  await user.type(fieldNamed('name'), '{Backspace}');
  expect(save().disabled).toBe(true);
  await user.selectOptions(screen.getByLabelText('Kind'), 'Cold');
  await user.type(fieldNamed('daily'), '06:00 19');
  await user.click(save());
  expect(saved).toHaveBeenCalledWith({ ...OPENED, kind: 'cold', daily: '06:00' });
});

test('Enter saves it, and several fields change together and go back together', async () => {
  const { user } = shown(<Form />);
  await user.click(screen.getByRole('button', { name: 'Cellar' }));
  await user.type(fieldNamed('tempC'), '{Enter}');
  expect(saved).toHaveBeenLastCalledWith({ ...OPENED, name: 'Cellar', kind: 'cold' });
  await user.click(screen.getByRole('button', { name: 'Anew' }));
  expect(fieldNamed('name').value).toBe('Bench');
  expect(save().disabled).toBe(true);
});

test('what is wrong stands below its field, by the last name of its path; of the whole form at its foot', () => {
  const wrong = {
    'start.name': 'Name: taken.',
    'daily.0.tempC': 'Daily: too warm.',
    '': 'Closed.',
  };
  shown(<Form wrong={wrong} />);
  for (const sentence of Object.values(wrong)) expect(screen.getByText(sentence)).toBeTruthy();
  expect(fieldNamed('name').getAttribute('aria-invalid')).toBe('true');
  expect(fieldNamed('daily').getAttribute('aria-invalid')).toBe('true');
  expect(fieldNamed('tempC').getAttribute('aria-invalid')).toBe('false');
});

test('a form that tells its sentences itself only marks the fields', () => {
  shown(<Form wrong={{ name: 'Name: taken.' }} told={false} />);
  expect(screen.queryByText('Name: taken.')).toBeNull();
  expect(fieldNamed('name').getAttribute('aria-invalid')).toBe('true');
});
