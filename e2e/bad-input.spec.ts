import { PHONE, expect, test } from './porch';

test.use({ viewport: PHONE });

test('the start form says what is wrong beside it, and what was typed stays, also over a reload', async ({
  porch,
  page,
}) => {
  await page.goto('/start');
  await porch.fill('Year built', 'old');
  await porch.fill('First day of work', 'someday');
  await porch.press('On to the rooms');
  await expect(page.getByText('Give the house a name.')).toBeVisible();
  await expect(page.getByText(/Give the year it was built, such as 1928/)).toBeVisible();
  await expect(page.getByText('Give the first day as 2026-03-14 or 14 Mar.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Year built')).toHaveValue('old');
  await porch.fill('Name of the house', 'Late House');
  await porch.fill('Year built', '1928');
  await porch.fill('First day of work', '2026-03-01');
  await porch.fill('Wished move-in day', '2026-02-01');
  await porch.fill('Each weekday', '0');
  await porch.fill('Saturday', '0');
  await porch.fill('Sunday', 'all day');
  await porch.press('On to the rooms');
  await expect(page.getByText(/not .*hours|2h30/).first()).toBeVisible();
  await porch.fill('Sunday', '0');
  await porch.press('On to the rooms');
  await expect(page.getByText('The wish has to be after the first day.')).toBeVisible();
  await expect(page.getByText(/Without an hour a week nothing can be planned/)).toBeVisible();
});

test('a room tells each bad size in its own words and keeps what was typed', async ({
  porch,
  page,
}) => {
  await porch.startHouse();
  await porch.addRoom({ kind: 'Bedroom', name: '', length: 'big', width: '12', height: '-3 m' });
  await expect(page.getByText('Give the room a name.')).toBeVisible();
  await expect(page.getByText(/“big” is not a length/)).toBeVisible();
  await expect(page.getByText(/^12 what\? Write 12' or 12" or 12 m\./)).toBeVisible();
  await expect(page.getByText(/“-3 m” is not a length/)).toBeVisible();
  await expect(page.getByLabel('Length', { exact: true })).toHaveValue('big');
  await porch.addRoom({
    kind: 'Bedroom',
    name: 'Attic nook',
    length: `900'`,
    width: '2"',
    height: '0 m',
  });
  await expect(page.getByText('That is over 300 ft (91 m). Check the unit.')).toBeVisible();
  await expect(page.getByText('That is under 6 inches (15 cm). Check the unit.')).toBeVisible();
  await expect(page.getByText('A size has to be more than nought.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Start the house' })).toBeDisabled();
  // A room that was added is there again after a reload.
  await porch.addRoom({ kind: 'Bedroom', name: 'Nook', length: `9'`, width: `8'`, height: `8'` });
  await expect(page.getByText('1 place', { exact: true })).toBeVisible();
  await page.reload();
  await porch.press('On to the rooms');
  await expect(page.getByText('1 place', { exact: true })).toBeVisible();
});

test('a file that is not whole, not ours or from a newer version changes nothing', async ({
  porch,
  page,
}) => {
  await porch.openDemo();
  const file = await porch.exportHouse();
  const says = async (text: string, sentence: RegExp) => {
    await porch.importHouse(text);
    await expect(page.getByRole('alert')).toHaveText(sentence);
  };
  await says('not a house', /is not a Fresh Porch house/);
  await says('{"format":"something else"}', /is not a Fresh Porch house/);
  await says(file.slice(0, 5_000), /is cut off before its end/);
  await says(
    file.replace('"version":1', '"version":7'),
    /comes from a newer Fresh Porch \(version 7/,
  );
  await says(
    file.replace('"yearBuilt":1928', '"yearBuilt":"x"'),
    /cannot be read, at events\.0\.payload\.house\.yearBuilt/,
  );
  await porch.importHouse(file);
  await expect(
    page.getByRole('heading', { name: '“Old bakery, Quince Lane” is on this device already' }),
  ).toBeVisible();
  expect(await porch.exportHouse()).toBe(file);
});

test('an address that leads nowhere, and a place or job that is gone, say so', async ({
  porch,
  page,
}) => {
  await porch.openDemo();
  for (const [path, words] of [
    ['/house/gone', 'This place is not in the house'],
    ['/job?id=gone', 'This job is not in the plan'],
  ] as const) {
    await page.goto(path);
    await expect(page.getByText(words)).toBeVisible();
  }
  await page.goto('/nowhere/at/all');
  await expect(porch.heading()).toBeVisible();
  await expect(page.getByRole('link').first()).toBeVisible();
});
