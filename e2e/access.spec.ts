import type { Page } from '@playwright/test';
import { lookAt } from './looks';
import { PHONE, WIDE, expect, test } from './porch';
import { SCREENS } from './screens';
import { wordFaults } from './words';

for (const [size, viewport] of Object.entries({ phone: PHONE, wide: WIDE })) {
  test(`every screen is accessible and well laid by day and by night, ${size}`, async ({
    porch,
    page,
  }) => {
    test.setTimeout(15 * 60_000);
    await page.setViewportSize(viewport);
    await porch.openDemo();
    const look = async (where: string) => {
      await porch.expectAccessible(`${where} day ${size}`);
      await expectWellLaid(page, `${where} ${size}`);
      // By night only the colours are others, and the same at any width.
      if (size === 'wide') return;
      await page.emulateMedia({ colorScheme: 'dark' });
      await expect(page.locator('html')).toHaveClass(/dark/);
      await porch.expectAccessible(`${where} night ${size}`, ['color-contrast']);
      await page.emulateMedia({ colorScheme: 'light' });
    };
    for (const path of SCREENS) {
      await porch.visit(path);
      // Pages outside a house plan nothing.
      await expect(page.locator('main[aria-busy="true"]')).toHaveCount(0);
      await look(path);
    }
    // What opens on a tap, too.
    await porch.visit('/keys');
    await porch.press('Sleep here: what it asks');
    await page
      .getByRole('button', { name: /^Check off: / })
      .first()
      .click();
    await porch.say('2h me sanding living, $18 screws, 2h Bogdan');
    await expect(porch.slips()).toContainText('Who is meant');
    await look('keys and slips');
  });
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
