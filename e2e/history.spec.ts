import { PHONE, expect, test, type Porch } from './porch';

test.use({ viewport: PHONE });

const act = (porch: Porch, words: string | RegExp) =>
  porch.page.getByRole('main').getByRole('group', { name: words }).first();

test('any change is taken back at any age, and brought back, from the history', async ({
  porch,
  page,
}) => {
  await porch.openDemo();
  await porch.keep('note the first of today');
  await porch.keep('note the second of today');
  await page.reload();
  await porch.settle();
  // One step of undo is gone with the reload; the history is not.
  await porch.go('History');
  await expect(porch.heading()).toHaveText('History of changes');
  await act(porch, /the first of today/)
    .getByRole('button', { name: /^Take it back/ })
    .click();
  await expect(page.getByText('Nothing else hangs on it.')).toBeVisible();
  await porch.press('Yes, take it back');
  await expect(act(porch, /^“note the first of today”/)).toContainText('taken back');
  await porch.go('Journal');
  await expect(page.getByText('“note the second of today”')).toBeVisible();
  await expect(page.getByRole('main').getByText('“note the first of today”')).toBeHidden();
  await page.reload();
  await porch.go('History');
  await act(porch, /^Took back: “note the first/)
    .getByRole('button', { name: /^Bring it back/ })
    .click();
  await expect(page.getByText(/It counts again: “note the first of today”/)).toBeVisible();
  await porch.press('Yes, bring it back');
  await porch.go('Journal');
  await expect(page.getByRole('main').getByText('“note the first of today”')).toBeVisible();

  // What is months old says first what stands on it.
  await porch.go('History');
  await porch.fill('Find a change', 'added attic');
  const added = act(porch, /Added /);
  await added.getByRole('button', { name: /^Take it back/ }).click();
  await expect(page.getByText(/With it goes what stands on it \(\d+ changes\)/)).toBeVisible();
  await porch.expectAccessible('history with what goes');
  await porch.press('Let it stand');
  await porch.fill('Find a change', 'zzz');
  await expect(page.getByText('No change says that')).toBeVisible();
});

test('what was said is taken back where it shows, after a reload too', async ({ porch, page }) => {
  await porch.openDemo();
  await porch.visit('/walk/attic');
  const floor = page.getByRole('group', { name: 'Floor', exact: true });
  const before = await floor.textContent();
  await floor.getByRole('radio', { name: 'undecided' }).click();
  await expect(floor.getByRole('radio', { name: 'undecided' })).toBeChecked();
  await page.reload();
  await floor.getByRole('button', { name: /^Say more of/ }).click();
  await floor.getByRole('button', { name: /^Take it back: Attic/ }).click();
  await floor.getByRole('button', { name: 'Yes, take it back' }).click();
  await floor.getByRole('button', { name: /^Close/ }).click();
  await expect(floor).toHaveText(before ?? '');
});

test('a decision is taken back with what was chosen by it, from where it is written', async ({
  porch,
  page,
}) => {
  await porch.openDemo();
  await porch.visit('/compare/one?id=path');
  await porch.press('Choose: room by room');
  await expect(page.getByText('Decided: room by room.')).toBeVisible();
  await page.reload();
  const back = page.getByRole('button', { name: /^Take the decision back/ });
  await back.click();
  await expect(page.getByText('Nothing else hangs on it.')).toBeVisible();
  await porch.press('Yes, take it back');
  await expect(back).toBeHidden();
  // The way that was chosen by it went with it.
  await porch.visit('/history');
  const act = page.getByRole('main').getByRole('group', { name: /^Way through the house: rooms/ });
  await expect(act.first()).toContainText('taken back');
});
