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

test('Shift and Enter break the line, and Enter keeps it', async ({ porch, page }) => {
  await porch.say('spoke to the neighbour');
  const field = page.getByLabel('Say your evening');
  await field.press('Shift+Enter');
  await field.pressSequentially('about the fence');
  await expect(field).toHaveValue('spoke to the neighbour\nabout the fence');
  await expect(porch.slips()).toContainText('Note');
  await field.press('Enter');
  await expect(page.getByText('Kept for today.')).toBeVisible();
});

test('a day before the first, or one not yet come, is asked about in one sentence', async ({
  porch,
}) => {
  await porch.say('2026-01-02 2h sanding living');
  await expect(porch.slips()).toContainText('is of a day before the first');
  await porch.say('2026-03-20 2h sanding living');
  await expect(porch.slips()).toContainText('is of a day that has not come yet');
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

test('the kind and the source of a receipt are changed by chips on its slip', async ({ porch }) => {
  await porch.say('$18.40 screws living');
  await porch.press(/^Change: /);
  await porch.press('Kind of spending: materials, change');
  await porch.press('tools');
  await porch.press('Paid from: from budget, change');
  await porch.press('contingency');
  await expect(porch.slips()).toContainText('tools · Living (shop front) · from contingency');
});

test('a question is answered, opened again, and answered otherwise', async ({ porch }) => {
  await porch.say('2h caulking');
  await porch.press('Hours only, no job');
  await expect(porch.slips()).not.toContainText('Which job');
  await porch.press(/^Change: 2h caulking/);
  await porch.press('Ask again: job');
  await expect(porch.slips()).toContainText('Which job is “2h caulking”?');
  await porch.press('Leave it out');
  await expect(porch.slips()).toContainText('Left out: “2h caulking”');
  await porch.press('Take in again: 2h caulking');
  await expect(porch.slips()).toContainText('Which job is “2h caulking”?');
});

test('a new helper is taken in with the line, and a nickname is learned and forgotten', async ({
  porch,
  page,
}) => {
  await porch.say('Tom helped 2h painting ceiling back bedroom');
  await expect(porch.slips()).toContainText('Who is meant');
  await porch.press('Tom, a new helper');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('Kept for today.')).toBeVisible();
  await porch.say('1h Tom painting ceiling back bedroom');
  await expect(porch.slips()).not.toContainText('Who is meant');
  await porch.say('1h Annie painting ceiling back bedroom');
  await porch.press('Ana');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await porch.press('Yes, “annie” always');
  await porch.say('1h Annie painting ceiling back bedroom');
  await expect(porch.slips()).toContainText('Ana');
  await expect(porch.slips()).not.toContainText('Who is meant');
  await porch.go('Settings');
  await expect(page.getByText('“annie”', { exact: true })).toBeVisible();
  await porch.press('Forget “annie”');
  await expect(page.getByText('“annie”', { exact: true })).toBeHidden();
});

test('with the keyboard up the line, the first rows of its slips and Keep are in sight', async ({
  porch,
  page,
}) => {
  await porch.say('2h me painting ceiling back bedroom, $18.40 brushes, found rot at the sill');
  await page.setViewportSize({ width: 390, height: 480 });
  await expect(page.getByLabel('Say your evening')).toBeInViewport({ ratio: 1 });
  await expect(page.getByRole('button', { name: 'Keep', exact: true })).toBeInViewport({
    ratio: 1,
  });
  await expect(porch.slips().getByRole('listitem').first()).toBeInViewport({ ratio: 1 });
});
