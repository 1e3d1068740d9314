import type { Page } from '@playwright/test';
import { lookAt } from './looks';
import { PHONE, WIDE, expect, test } from './porch';
import { SCREENS } from './screens';
import { wordFaults } from './words';

for (const theme of ['day', 'night'] as const) {
  for (const [size, viewport] of Object.entries({ phone: PHONE, wide: WIDE })) {
    test(`every screen is accessible by ${theme}, ${size}`, async ({ porch, page }) => {
      test.setTimeout(15 * 60_000);
      await page.setViewportSize(viewport);
      await page.emulateMedia({ colorScheme: theme === 'night' ? 'dark' : 'light' });
      await porch.openDemo();
      for (const path of SCREENS) {
        await page.goto(path);
        await expect(porch.heading()).toBeVisible();
        await porch.expectAccessible(`${path} ${theme} ${size}`);
        if (theme === 'day') await expectWellLaid(page, `${path} ${size}`);
      }
      // What opens on a tap, too.
      await page.goto('/keys');
      await porch.press('Sleep here: what it asks');
      await page
        .getByRole('button', { name: /^Check off: / })
        .first()
        .click();
      await porch.say('2h me sanding living, $18 screws, 2h Bogdan');
      await expect(porch.slips()).toContainText('Who is meant');
      await porch.expectAccessible(`keys and slips ${theme} ${size}`);
    });
  }
}

/** Nothing wider than the screen, nothing smaller than a thumb, no word of the program's own. */
async function expectWellLaid(page: Page, where: string): Promise<void> {
  const { overflowing, smallTargets } = await lookAt(page);
  expect({ where, overflowing, smallTargets }).toEqual({
    where,
    overflowing: [],
    smallTargets: [],
  });
  const words = await page.getByRole('main').innerText();
  expect({ where, faults: wordFaults(words) }).toEqual({ where, faults: [] });
}
