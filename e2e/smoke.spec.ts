import { expect, test } from '@playwright/test';

test('the demo house opens on its own day', async ({ page }) => {
  await page.goto('/demo');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('8h today, and Ana 6h');
});
