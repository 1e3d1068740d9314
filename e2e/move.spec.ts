import { PHONE, expect, test } from './porch';

test.use({ viewport: PHONE });

test('a job is moved to a day or behind another: the cost shows first, a ring is refused', async ({
  porch,
  page,
}) => {
  await porch.openDemo();
  await page.goto('/job?id=kitchen%2Fpaint.walls');
  await page.getByRole('radio', { name: 'Not before a day' }).click();
  await porch.fill('Not before', 'some day');
  await porch.press('Try that day');
  await expect(page.getByText(/“some day” is not a day/)).toBeVisible();
  await porch.fill('Not before', '2026-09-14');
  await porch.press('Try that day');
  await expect(
    page.getByRole('status').filter({ hasText: 'The plan repairs itself' }),
  ).toContainText(/live here \d+ days later/);
  await expect(page.getByRole('table', { name: /As it stands/ })).toContainText('Live here');
  await porch.press('Keep it so');
  await expect(page.getByText(/You said: not before Mon 14 Sep/).first()).toBeVisible();
  await porch.press(/^Let it go: You said: not before/);
  await expect(page.getByText(/You said: not before/)).toHaveCount(0);

  await page.getByRole('radio', { name: 'After another job' }).click();
  await porch.fill('After which job', 'certificate');
  const certificate = page
    .getByRole('radiogroup', { name: 'After', exact: true })
    .getByRole('radio')
    .first();
  await certificate.click();
  await expect(page.getByText(/Say why/)).toBeVisible();
  await porch.fill('Because', 'a test of patience');
  await certificate.click();
  await expect(page.getByRole('alert').filter({ hasText: 'in a ring' })).toContainText(
    'a test of patience',
  );
  await porch.press('Drop it');
  await porch.expectAccessible('moving a job');
});

test('an impossible day says what objects and offers the soonest one', async ({ porch, page }) => {
  await porch.openDemo();
  await page.goto('/job?id=kitchen%2Fcabinets.set');
  await page.getByRole('radio', { name: 'Done by a day' }).click();
  await porch.fill('Done by', '2026-03-16');
  await porch.press('Try that day');
  const refusal = page.getByRole('alert').filter({ hasText: 'it cannot be: the soonest is' });
  await expect(refusal).toBeVisible();
  await expect(refusal).toContainText(/After “|is here on|same hands/);
  await porch.press('Take the soonest day');
  await expect(page.getByRole('alert').filter({ hasText: 'it cannot be' })).toHaveCount(0);
  await porch.press('Keep it so');
  await expect(page.getByText(/You said: done by/)).toBeVisible();
});

test('why here: the chain leads back to what can be done now', async ({ porch, page }) => {
  await porch.openDemo();
  await page.goto('/job?id=kitchen%2Fcabinets.set');
  await expect(page.getByText('Back to today')).toBeVisible();
  const links = page.getByRole('listitem');
  expect(await links.count()).toBeGreaterThan(1);
  await expect(links.last()).not.toContainText('After “');
});

test('what does not go through the door is carried in before the way is closed', async ({
  porch,
  page,
}) => {
  await porch.openDemo();
  await page.goto('/sums/fit');
  await porch.fill('Its length', '72"');
  await porch.fill('Its depth', '34"');
  await porch.fill('Its height', '36"');
  await porch.fill('Door, clear width', '30"');
  await porch.fill('Door, clear height', '78"');
  await porch.fill('The job it is for', 'set the cabinets');
  await page.getByRole('radiogroup', { name: 'It is for' }).getByRole('radio').first().click();
  await porch.fill('What would shut it out', 'case the opening, kitchen');
  await page
    .getByRole('radiogroup', { name: 'It would be shut out by' })
    .getByRole('radio')
    .first()
    .click();
  await expect(
    page.getByRole('status').filter({ hasText: 'after Set the cabinets' }),
  ).toContainText('The plan repairs itself');
  await porch.expectAccessible('carrying in');
  await porch.press('Keep it so');
  await expect(page.getByRole('button', { name: 'Keep it so' })).toHaveCount(0);
  await page.goto('/job?id=kitchen%2Ftrim.casing');
  await expect(page.getByText(/does not go through: no face passes/).first()).toBeVisible();
});
