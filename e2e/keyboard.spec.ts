import type { Page } from '@playwright/test';
import { WIDE, expect, test } from './porch';

test.use({ viewport: WIDE });

/** Tabs until the thing of that name has the focus; fails when it cannot be reached. */
async function tabTo(page: Page, name: string | RegExp): Promise<void> {
  const wanted =
    typeof name === 'string'
      ? (label: string) => label === name
      : (label: string) => name.test(label);
  for (let presses = 0; presses < 160; presses += 1) {
    await page.keyboard.press('Tab');
    const label = await page.evaluate(() => {
      const focused = document.activeElement;
      return focused?.getAttribute('aria-label') ?? focused?.textContent ?? '';
    });
    if (wanted(label)) return;
  }
  throw new Error(`${String(name)} cannot be reached with Tab`);
}
const activate = async (page: Page, name: string | RegExp) => {
  await tabTo(page, name);
  await page.keyboard.press('Enter');
};
const typeInto = async (page: Page, name: string, text: string) => {
  await tabTo(page, name);
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type(text);
};

test('keyboard alone: start a house, choose a work, log an evening, see the keys', async ({
  porch,
  page,
}) => {
  await page.goto('/');
  await activate(page, 'Start my house');
  await typeInto(page, 'Name of the house', 'Hand House');
  await typeInto(page, 'Year built', '1931');
  await activate(page, 'On to the rooms');
  await expect(porch.heading()).toHaveText('Your rooms');
  await typeInto(page, 'Name', 'Bedroom');
  await typeInto(page, 'Length', `12'`);
  await typeInto(page, 'Width', `10'`);
  await page.keyboard.press('Enter');
  await expect(page.getByText('1 place', { exact: true })).toBeVisible();
  await activate(page, 'Start the house');
  await expect(porch.heading()).toHaveText('Cut through the house');
  await activate(page, /^Bedroom, no works chosen/);
  await activate(page, 'Choose: Repaint');
  await expect(page.getByRole('button', { name: 'Drop: Repaint' })).toBeVisible();
  await typeInto(page, 'Say your evening', '25 min me walk through bedroom, done');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Kept for today.')).toBeVisible();
  await activate(page, 'Keys');
  await expect(porch.heading()).toContainText('between you and the keys');
  await activate(page, /^Live here: jobs left/);
  await expect(page.getByRole('link', { name: /Measure, Bedroom/ }).first()).toBeVisible();
});
