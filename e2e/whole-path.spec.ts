import { PHONE, WIDE, expect, test } from './porch';

for (const [size, viewport] of Object.entries({ phone: PHONE, wide: WIDE })) {
  test.describe(`from an empty house to the keys, ${size}`, () => {
    test.use({ viewport });

    test('three rooms, works, order with reasons, two evenings, keys falling, out and in again', async ({
      porch,
      page,
    }) => {
      await porch.startHouse();
      await porch.addRoom({
        kind: 'Bedroom',
        name: 'Back bedroom',
        length: `12' 3 1/2"`,
        width: '3.05 m',
      });
      await porch.addRoom({ kind: 'Kitchen', length: '14-2', width: `11' 6"` });
      await porch.addRoom({ kind: 'Bathroom', length: '250 cm', width: '94.5"' });
      await porch.finishRooms(3);

      await porch.chooseWorks('Back bedroom', ['Repaint']);
      await porch.chooseWorks('Kitchen', ['New kitchen']);
      await porch.chooseWorks('Bathroom', ['New bathroom', 'Tile the floor']);
      await expect(page.getByText(/stages done/).first()).toBeVisible();

      // The order says why.
      await porch.go('Order');
      await porch.choose('Show the order', 'By stage');
      await porch.press('Show stage First paint');
      await page.getByRole('link', { name: /Paint the ceiling, two coats, Back bedroom/ }).click();
      await expect(page.getByRole('heading', { name: 'Waits for' })).toBeVisible();
      await expect(page.getByText(/Prime, Back bedroom/).first()).toBeVisible();
      await expect(page.getByText(/4 h on the clock/)).toBeVisible();
      await expect(page.getByText('First coat on the walls, Back bedroom').first()).toBeVisible();

      // The first evening: slips before anything is kept.
      const before = await porch.leftToKeys();
      await porch.say(
        '2h30 me walk through kitchen, done, $90 tile kitchen 60 bath 30 at Quarry Lane, found rot at the sill kitchen',
      );
      await expect(porch.slips()).toContainText('Kitchen $60.00, Bathroom $30.00');
      await expect(porch.slips()).toContainText('rot at the sill');
      await page.getByRole('button', { name: 'Keep', exact: true }).click();
      await expect(page.getByText('Kept for today.')).toBeVisible();
      await expect.poll(() => porch.leftToKeys()).toBe(before - 1);

      // The second: yesterday's, with a question.
      await porch.say('yesterday 1h walk through');
      await expect(porch.slips()).toContainText('Which job is “1h walk through”?');
      await porch.press(/^Walk through and list what stays, Back bedroom$/);
      await expect(porch.slips()).toContainText('For Fri 13 Mar');
      await page.getByRole('button', { name: 'Keep', exact: true }).click();
      await porch.keep('20 min measuring kitchen, done');
      await expect.poll(() => porch.leftToKeys()).toBe(before - 2);

      await porch.go('Spend');
      await expect(page.getByText('$90.00').first()).toBeVisible();
      await expect(
        page.getByRole('img', { name: /Paid in all, week by week: 9 Mar \$90\.00/ }),
      ).toBeVisible();

      await porch.go('Journal');
      await expect(page.getByRole('main').getByRole('heading', { level: 2 })).toHaveText([
        'Sat 14 Mar',
        'Fri 13 Mar',
      ]);

      // A reload loses nothing; out and in again is the same house.
      await page.reload();
      await expect(page.getByRole('main').getByRole('heading', { level: 2 })).toHaveText([
        'Sat 14 Mar',
        'Fri 13 Mar',
      ]);
      const file = await porch.exportHouse();
      await porch.press('Remove this house');
      await porch.press('Yes, remove Quince Cottage');
      await expect(page.getByRole('link', { name: 'Start my house' })).toBeVisible();
      await page.getByRole('link', { name: 'Open a house from a file' }).click();
      await porch.importHouse(file);
      await expect(porch.heading()).toHaveText('Cut through the house');
      expect(await porch.exportHouse()).toBe(file);
      expect(await porch.leftToKeys()).toBe(before - 2);
    });
  });
}
