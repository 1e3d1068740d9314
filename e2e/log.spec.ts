import { PHONE, expect, test } from './porch';

test.use({ viewport: PHONE });
test.beforeEach(({ porch }) => porch.openDemo());

test('an evening is shown before it is kept, moves Today at once, and one tap takes it back', async ({
  porch,
  page,
}) => {
  const line = '2h me and 2h Ana taping box room';
  await porch.say(
    '1h30 me priming living, done, 2 gallons primer, $38 primer living at Lime and Linseed',
  );
  await expect(porch.slips().getByRole('listitem')).toHaveCount(4);
  await expect(porch.slips()).toContainText('Lime and Linseed');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('The primer dries, Living (shop front)')).toBeVisible();
  await porch.press(/^Undo: Kept for today/);
  await expect(page.getByText('The primer dries, Living (shop front)')).toBeHidden();
  await porch.say(line);
  await page.reload();
  await expect(page.getByLabel('Say your evening')).toHaveValue(line);
});

test('what it cannot read it asks, and keeps nothing meanwhile', async ({ porch, page }) => {
  await porch.say('blue elephants dance');
  await expect(porch.slips()).toContainText('What is “blue elephants dance”?');
  await page.getByLabel('Say your evening').press('Enter');
  await expect(page.getByRole('alert')).toContainText('Not kept yet: answer the question');
  await expect(page.getByLabel('Say your evening')).toHaveValue('blue elephants dance');
  await porch.press('A note');
  await expect(porch.slips()).toContainText('Note');
  await page.getByLabel('Say your evening').press('Enter');
  await expect(page.getByText('Kept for today.')).toBeVisible();
});

test('a day before the first, or one not yet come, is told in one sentence', async ({
  porch,
  page,
}) => {
  await porch.say('2026-01-02 2h sanding living');
  await expect(page.getByRole('alert')).toHaveText(
    /^Fri 2 Jan is before the first day, Sat 10 Jan\./,
  );
  await porch.say('2026-03-20 2h sanding living');
  await expect(page.getByRole('alert')).toHaveText(/^Fri 20 Mar has not come yet\./);
});

test('a kept line can be put right, or taken back and brought again', async ({ porch, page }) => {
  await porch.go('Journal');
  await page.getByRole('button', { name: /^Correct: 1 bucket compound/ }).click();
  await page.getByLabel('The line').fill('2 buckets compound back bedroom');
  await porch.press('Keep the change');
  await expect(page.getByText('“2 buckets compound back bedroom”')).toBeVisible();
  await porch.press(/^Take back: 2 buckets/);
  await expect(page.getByText('“2 buckets compound back bedroom”')).toBeHidden();
  await porch.press(/^Undo: Took back/);
  await expect(page.getByText('“2 buckets compound back bedroom”')).toBeVisible();
});

test('the kind and the source of a receipt can be changed on its slip', async ({ porch }) => {
  await porch.say('$18.40 screws living');
  await porch.press('Change kind');
  await porch.choose('Kind of spending', 'tools');
  await porch.choose('Paid from', 'contingency');
  await expect(porch.slips()).toContainText('tools · Living (shop front) · from contingency');
});
