import { PHONE, WIDE, expect, test } from './porch';

for (const [size, viewport] of Object.entries({ phone: PHONE, wide: WIDE })) {
  test(`a comparison changes the scope, the date and what can be read years later, ${size}`, async ({
    porch,
    page,
  }) => {
    await page.setViewportSize(viewport);
    await porch.startHouse();
    await porch.addRoom({ kind: 'Bedroom', name: 'Back bedroom', length: `12'`, width: `10'` });
    await porch.finishRooms(1);
    await porch.chooseWorks('Back bedroom', ['Strip and re-line walls and ceiling']);
    await page.goto('/walk');
    await page.getByLabel('Say what you see').fill('back bedroom, window not sure, old putty');
    await page.getByLabel('Say what you see').press('Enter');
    await expect(page.getByText('Noted one thing on the walk.')).toBeVisible();
    await porch.go('Keys');
    const live = page.getByRole('region', { name: 'Live here' });
    await porch.settle();
    const before = await live.getByText(/^likely/).textContent();

    await porch.go('Decisions');
    await page.getByRole('link', { name: /^What becomes of the windows, Back bedroom/ }).click();
    const replace = page.getByRole('region', { name: 'replace the windows' });
    await expect(replace).toContainText('Years gained');
    await expect(replace).toContainText(/days? later/);
    await expect(page.getByText(/draws level with/)).toBeVisible();
    await porch.fill('Your reasons, to be read years later', 'the panes are cracked');
    await porch.expectAccessible(`compare ${size}`);
    await porch.press('Choose: replace the windows');
    await expect(page.getByText('Because: the panes are cracked', { exact: false })).toBeVisible();
    await expect(
      page.getByText('What becomes of the windows, Back bedroom: replace the windows'),
    ).toBeVisible();

    // A window takes 35 days to come: the date moves.
    await porch.go('Keys');
    await expect(live.getByText(/^likely/)).not.toHaveText(before ?? '');
    await porch.openRoom('Back bedroom');
    await expect(page.getByText('Walk: windows replace, old putty')).toBeVisible();
    await porch.press(/^Undo: Decided/);
    await porch.go('Keys');
    await expect(live.getByText(/^likely/)).toHaveText(before ?? '');
  });
}

test('do it or hire it, before or after moving in, and the path through the house are weighed and undone', async ({
  porch,
  page,
}) => {
  await porch.openDemo();
  await porch.go('Decisions');
  await page.getByRole('link', { name: /^Renovate on, or tear down/ }).click();
  await expect(page.getByRole('region', { name: 'Tear down and build new' })).toContainText(
    'about 60',
  );
  await porch.go('Decisions');
  await page
    .getByRole('link', { name: /do it or hire it/ })
    .first()
    .click();
  await expect(page.getByText(/worth it if an hour is worth more than/)).toBeVisible();
  await porch.press('Choose: hire it');
  await expect(page.getByText('Decided: hire it.')).toBeVisible();
  await porch.press(/^Undo: Decided: hire it/);
  await expect(page.getByText('Decisions will stand here')).toBeVisible();
  await page
    .getByRole('link', { name: /before or after moving in/ })
    .first()
    .click();
  await porch.press('Choose: after moving in');
  await expect(page.getByText('Decided: after moving in.')).toBeVisible();
  await page.getByRole('link', { name: /^Trade by trade/ }).click();
  await porch.press('Choose: room by room');
  await expect(page.getByText('Decided: room by room.')).toBeVisible();
  await porch.go('Order');
  await expect(porch.heading()).toHaveText('Build order');
  await expect(page.getByText(/Room by room to its end/)).toBeVisible();
});
