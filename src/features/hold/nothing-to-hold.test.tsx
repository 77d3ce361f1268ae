import { markupOf } from '../../../tests/fixtures/words-of';
import { NothingToHold } from './nothing-to-hold';

test('where nothing can be held, it says why, and leads to where something can be done', () => {
  const page = markupOf(<NothingToHold />);
  expect(page).toContain('Nothing to hold or to hurry');
  for (const href of ['/', '/plan', '/log']) expect(page).toContain(`href="${href}"`);
});
