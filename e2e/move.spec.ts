import { PHONE, expect, test } from './porch';

test.use({ viewport: PHONE });

test('a job is moved to a day or behind another: the cost shows first, a ring is refused', async ({
  porch,
  page,
}) => {
  await porch.openDemo();
  await page.goto('/job?id=kitchen%2Fpaint.walls');
  await porch.press('Not before a day');
  await porch.fill('Not before', 'some day');
  await porch.press('Try that day');
  await expect(page.getByText(/“some day” is not a day/)).toBeVisible();
  await porch.fill('Not before', '2026-09-14');
  await porch.press('Try that day');
  await porch.press(/^See what it costs/);
  await expect(
    page.getByRole('status').filter({ hasText: 'the plan repairs itself' }),
  ).toContainText(/living here \d+ days later/);
  await porch.press('Keep it so');
  await expect(page.getByText(/You said: not before Mon 14 Sep/).first()).toBeVisible();
  await porch.press(/^Let it go: /);
  await expect(page.getByText(/You said: not before/)).toHaveCount(0);

  await porch.press('After another job');
  await porch.fill('After which job', 'certificate');
  const certificate = page.getByRole('radiogroup', { name: 'After' }).getByRole('radio').first();
  await certificate.click();
  await expect(page.getByText(/Say why/)).toBeVisible();
  await porch.fill('Because', 'a test of patience');
  await certificate.click();
  await porch.press(/^See what it costs/);
  await expect(page.getByRole('alert').filter({ hasText: 'in a ring' })).toBeVisible();
  await porch.press('Drop the wish');
  await porch.expectAccessible('moving a job');
});
