import { PHONE, expect, test } from './porch';

test.use({ viewport: PHONE });

test('the strip has one field and one button, keeps with Enter, and says what became of it', async ({
  porch,
  page,
}) => {
  await porch.openDemo();
  const strip = page.getByLabel('Say your evening', { exact: true });
  await expect(strip).toHaveCount(1);
  await expect(page.getByRole('button', { name: 'Keep', exact: true })).toHaveCount(1);
  await strip.fill('note the promise');
  await expect(page.getByRole('list', { name: 'What this line will keep' })).toBeVisible();
  await strip.press('Enter');
  await expect(strip).toHaveValue('');
  await expect(page.getByRole('status').filter({ hasText: /^Kept/ })).toBeVisible();
  await strip.fill('blue elephants dance');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText(/^Not kept/);
  await expect(strip).toHaveValue('blue elephants dance');
});

test('addresses lead where they always led, and say whether the plan still improves', async ({
  porch,
  page,
}) => {
  await porch.openDemo();
  for (const place of [
    'today',
    'house',
    'order',
    'stores',
    'spend',
    'keys',
    'journal',
    'share',
    'settings',
  ]) {
    await page.goto(`/${place}`);
    await expect(page.locator('main[aria-busy], [role=main][aria-busy]')).toHaveCount(1);
    await expect(porch.heading()).toBeVisible();
  }
  await page.goto('/');
  await expect(page).toHaveURL(/today$/);
  await page.goto('/share');
  await expect(page.getByRole('button', { name: 'Export the whole house' })).toBeVisible();
});
