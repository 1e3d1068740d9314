import { PHONE, expect, test } from './porch';

test.use({ viewport: PHONE });

test('what is behind a wall is recorded by a tap, asked on the phone, and found by a word', async ({
  porch,
  page,
}) => {
  await porch.startHouse();
  await porch.addRoom({ kind: 'Kitchen', length: `12'`, width: `10'` });
  await porch.finishRooms(1);
  await porch.openRoom('Kitchen');
  await page.getByRole('link', { name: 'Record what is behind them' }).click();
  await expect(porch.heading()).toHaveText('Behind the walls, Kitchen');
  await expect(page.getByText(/stands at quick sizes/)).toBeVisible();

  // Nobody looked: the wall says so, and promises nothing.
  await porch.press('May I screw here?');
  await porch.fill('From the left corner', '40"');
  await porch.fill('Up from the floor', '60"');
  await porch.press('Ask the wall');
  const says = page.getByRole('status', { name: 'What the wall says' });
  await expect(says).toContainText('Nobody has recorded wall 1');
  await porch.press(/^Leave it/);

  // A tap in the middle of the drawing says where.
  const drawing = page.getByRole('button', { name: /^Tap where it is/ });
  await drawing.click();
  await expect(page.getByLabel('From the left corner')).toHaveValue(/^(5' 11|6'|6' 0)/);
  await porch.fill('From the left corner', '200"');
  await porch.press('Record it');
  await expect(page.getByRole('alert').first()).toContainText('past the end of it');
  await porch.fill('From the left corner', '22"');
  await porch.fill('Up from the floor', '36"');
  await porch.fill('It runs to, up', '96"');
  await porch.fill('What shuts it off', 'stopcock under the sink');
  await porch.fill('Note', 'cold, to the garden tap');
  await porch.press('Record it');
  await expect(page.getByText('1. supply pipe: cold, to the garden tap')).toBeVisible();

  // To the run of the pipe, 18 inches across, not to its end; it is there after a reload too.
  await page.reload();
  await porch.press('May I screw here?');
  await porch.fill('From the left corner', '40"');
  await porch.fill('Up from the floor', '60"');
  await porch.press('Ask the wall');
  await expect(says).toContainText(`1' 6" from a supply pipe`);
  await expect(says).toContainText('It hangs on stopcock under the sink');
  await porch.expectAccessible('walls of a room');
  await porch.press(/^Leave it/);

  await page.getByRole('radio', { name: 'Ceiling' }).click();
  await porch.press(/^Nothing in it/);
  await expect(page.getByText(/^Nothing in it, /)).toBeVisible();

  await porch.visit('/walls');
  await porch.fill('Find by a word', 'garden tap');
  await expect(page.getByText('supply pipe: cold, to the garden tap')).toBeVisible();
  await porch.fill('Find by a word', 'garden gate');
  await expect(page.getByText('Nothing recorded says “garden gate”.')).toBeVisible();
});
