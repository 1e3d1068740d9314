import { PHONE, WIDE, expect, test } from './porch';

const SCREENS = [
  '/today',
  '/house',
  '/house/back-bed',
  '/house/whole',
  '/house/new',
  '/order',
  '/stores',
  '/spend',
  '/keys',
  '/journal',
  '/share',
  '/settings',
  '/more',
  '/walk',
  '/compare',
  '/compare/one?id=path',
  '/schools',
  '/whatif',
  '/walk/attic',
  '/walk/told',
  '/measure',
  '/measure/small-bed',
  '/finishes/back-bed',
  '/layout/back-bed?slot=board',
  '/layout/kitchen?slot=floor',
  '/sums',
  '/sums/drywall',
  '/stores/cuts',
  '/stores/list',
  '/welcome',
  '/start',
  '/open-file',
  '/nowhere',
];

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
