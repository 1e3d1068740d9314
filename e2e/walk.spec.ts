import { PHONE, WIDE, expect, test, type Porch } from './porch';

/** One grey dot as a PNG. */
const DOT = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
  'base64',
);

const walk = async (porch: Porch, place: string) => {
  await porch.go('Walk');
  await porch.page
    .getByRole('list', { name: 'Places in walking order' })
    .getByRole('link', { name: new RegExp(`^${place},`) })
    .click();
  await expect(porch.heading()).toHaveText(place);
};
const element = (porch: Porch, name: string) =>
  porch.page.getByRole('group', { name, exact: true });

for (const [size, viewport] of Object.entries({ phone: PHONE, wide: WIDE })) {
  test(`three places are walked, a suspicion settled, something undecided; Keys move and it is read back, ${size}`, async ({
    porch,
    page,
  }) => {
    test.slow();
    await page.setViewportSize(viewport);
    await porch.startHouse();
    await porch.addRoom({ kind: 'Bedroom', name: 'Back bedroom', length: `12'`, width: `10'` });
    await porch.addRoom({ kind: 'Bathroom', length: `8'`, width: `6'` });
    await porch.addRoom({ kind: 'Yard', length: `30'`, width: `20'` });
    await porch.finishRooms(3);

    // One line while standing in the room.
    await walk(porch, 'Back bedroom');
    await page
      .getByLabel('Say what you see')
      .fill('window replace, sill rotten, floor keep and sand, ceiling patch');
    await expect(page.getByRole('list', { name: 'What this line will note' })).toContainText(
      'suspected: rot',
    );
    await page.getByLabel('Say what you see').press('Enter');
    await expect(element(porch, 'Windows')).toContainText('replace · failing · suspected: rot');
    await expect(element(porch, 'Floor')).toContainText('keep: sand and finish the old floor');
    // One tap each, and one for the rest.
    await element(porch, 'Walls').getByRole('radio', { name: 'undecided' }).click();
    await porch.press('All the rest sound, keep');
    await expect(element(porch, 'Storage')).toContainText('keep · sound');

    await page.getByRole('link', { name: 'On to Bathroom' }).click();
    await expect(porch.heading()).toHaveText('Bathroom');
    await porch.press('All sound, keep');
    await page.getByRole('link', { name: 'On to Yard' }).click();
    await expect(porch.heading()).toHaveText('Yard');
    await element(porch, 'Drainage').getByRole('radio', { name: 'replace' }).click();
    await expect(element(porch, 'Drainage')).toContainText('replace');

    // The decisions are jobs, each with its reason.
    const before = await porch.leftToKeys();
    await porch.openRoom('Back bedroom');
    await expect(page.getByText('Walk: windows replace, sill rotten')).toBeVisible();
    await expect(
      page.getByRole('link', { name: /^.*Open a hand-sized look-hole, Back bedroom/ }),
    ).toBeVisible();

    // Undecided has its day; opening up settles what frightened.
    await porch.go('Walk');
    await expect(page.getByText(/What becomes of the walls/)).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Open up first' })).toBeVisible();
    await walk(porch, 'Back bedroom');
    await porch.choose('What was there', 'Found something');
    await porch.fill('What you found', 'two joist ends soft');
    await porch.choose('What it brings', 'Repair what carries the floor');
    await porch.press('Today, Sat 14 Mar');
    await expect(page.getByText('Found on Sat 14 Mar: two joist ends soft.')).toBeVisible();
    // More to do now than before: the find brought joists, permit and inspection.
    expect(await porch.leftToKeys()).toBeGreaterThan(before);
    await porch.openRoom('Back bedroom');
    await expect(page.getByText('Found: two joist ends soft')).toBeVisible();

    // Read back.
    await porch.go('Walk');
    await page.getByRole('link', { name: 'Read the walk back' }).click();
    await expect(page.getByText(/things stay, 2 go, 1 undecided/)).toBeVisible();
    await porch.expectAccessible(`walk read back ${size}`);
  });
}

test.describe('on the walk', () => {
  test.use({ viewport: PHONE });

  test('decisions that exclude each other are told with the ways out; salvage goes to the stores', async ({
    porch,
    page,
  }) => {
    await porch.openDemo();
    await walk(porch, 'Small bedroom');
    await element(porch, 'Walls').getByRole('button', { name: 'Say more of walls' }).click();
    await porch.choose('Decision', 'remove');
    await porch.fill('Keep to use again', 'Beadboard');
    await porch.fill('Its size', '8 ft, 40 pieces');
    await porch.press('Note it');
    // A wall that goes leaves three to repaint: the two do not exclude each other.
    await expect(element(porch, 'Walls')).toContainText('remove');
    await expect(page.getByText(/takes away what “Repaint” makes good/)).toBeHidden();
    await porch.go('Stores');
    await expect(page.getByText('8 ft, 40 pieces')).toBeVisible();
    await porch.press(/^Undo: Small bedroom/);
    await expect(page.getByText('8 ft, 40 pieces')).toBeHidden();
    // A new floor over one that is to be sanded does.
    await walk(porch, 'Small bedroom');
    await element(porch, 'Floor').getByRole('radio', { name: 'replace' }).click();
    await expect(
      page.getByText(/“New floor” takes away what “Sand and finish the old floor” makes good/),
    ).toBeVisible();
  });

  test('a date from outside: before the first day it is refused, else it stands in the plan', async ({
    porch,
    page,
  }) => {
    await porch.openDemo();
    await porch.go('Walk');
    await porch.press('Add a date from outside');
    await porch.fill('By which day', '2025-01-01');
    await porch.press('Keep the date');
    await expect(
      page.getByText('Say what is asked for, such as “outside finished”.'),
    ).toBeVisible();
    await expect(page.getByText(/That is before the first day, Sat 10 Jan/)).toBeVisible();
    await porch.fill('What is asked for', 'Siding closed for the lender');
    await porch.fill('By which day', '2026-03-20');
    await porch.press('Keep the date');
    await expect(page.getByText(/days late/)).toBeVisible();
  });

  test('the walking order is changed by keyboard', async ({ porch, page }) => {
    await porch.openDemo();
    await porch.go('Walk');
    const rows = page.getByRole('list', { name: 'Places in walking order' }).getByRole('listitem');
    await expect(rows.first()).toContainText('Living');
    await page.getByRole('button', { name: 'Move Living (shop front)' }).focus();
    await page.keyboard.press('ArrowDown');
    await expect(page.getByText('Changed the walking order.')).toBeVisible();
    await expect(rows.first()).toContainText('Kitchen');
    await expect(rows.nth(1)).toContainText('Living');
  });

  test('what the line does not make clear is asked', async ({ porch, page }) => {
    await porch.openDemo();
    await walk(porch, 'Box room');
    await page.getByLabel('Say what you see').fill('window, gutters replace');
    await expect(page.getByText('What is to become of “window”?')).toBeVisible();
    await expect(page.getByText('“gutters replace”: this place has no such thing.')).toBeVisible();
    await porch.press('repair');
    await porch.press('Leave it out');
    await page.getByLabel('Say what you see').press('Enter');
    await expect(element(porch, 'Windows')).toContainText('repair');
  });

  test('a photo is kept with its element and travels with the file; what is no picture is refused', async ({
    porch,
    page,
  }) => {
    await porch.openDemo();
    await walk(porch, 'Attic');
    const take = async (name: string, content: Buffer) => {
      const chooser = page.waitForEvent('filechooser');
      await page.getByRole('button', { name: 'Photo of floor' }).click();
      await (await chooser).setFiles({ name, mimeType: 'image/png', buffer: content });
    };
    await take('broken.png', Buffer.from('not a picture'));
    await expect(page.getByRole('alert')).toContainText('This photo cannot be read.');
    await take('floor.png', DOT);
    await expect(
      page.getByRole('button', { name: 'Larger: floor, Attic, Sat 14 Mar' }),
    ).toBeVisible();
    const file = await porch.exportHouse();
    expect(file).toContain('data:image/jpeg;base64,');
    const zip = await porch.exportZip();
    expect(zip.toString('latin1')).toMatch(/^PK[^]*house\.json[^]*photos\/[^/]+\.jpg/);
    await porch.press('Remove this house');
    await porch.press(/^Yes, remove/);
    await page.getByRole('link', { name: 'Open a house from a file' }).click();
    await porch.importHouse(zip, 'house.zip');
    await expect(porch.heading()).toHaveText('Cut through the house');
    expect(await porch.exportHouse()).toBe(file);
    await walk(porch, 'Attic');
    await expect(
      page.getByRole('button', { name: 'Larger: floor, Attic, Sat 14 Mar' }),
    ).toBeVisible();
  });
});

test('the walk read back prints whole, without rail and strip', async ({ porch, page }) => {
  await porch.openDemo();
  await page.goto('/walk/told');
  await expect(page.getByRole('heading', { name: 'Scope then and now' })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeHidden();
  await expect(page.getByRole('region', { name: 'Log strip' })).toBeHidden();
  // Nothing scrolls inside the page: what is at the end stands on the paper too.
  const end = await page.getByRole('heading', { name: 'Kept to use again' }).boundingBox();
  const height = await page.evaluate(() => document.documentElement.scrollHeight);
  expect(end?.y ?? Infinity).toBeLessThan(height);
});
