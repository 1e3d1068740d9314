import { PHONE, expect, test } from './porch';

test.use({ viewport: PHONE });
test.slow();

/** A grey picture of one point: enough of a photo to be laid over a wall. */
const DOT = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAIAAACQd1PeAAAADElEQVR4nGNgYGAAAAAEAAH2FzhVAAAAAElFTkSuQmCC',
  'base64',
);

test('a wall is recorded by photo and tap, the board refused, a visit fails and passes, and the room is closed', async ({
  porch,
  page,
}) => {
  await porch.startHouse();
  await porch.addRoom({ kind: 'Bathroom', length: `8'`, width: `6'` });
  await porch.finishRooms(1);
  await porch.chooseWorks('Bathroom', ['New bathroom', 'Strip and re-line walls and ceiling']);
  const bathroom = /[^/]+$/.exec(new URL(page.url()).pathname)?.[0] ?? '';

  // By a photo over the drawing, two spots of it known, and a line in the evening.
  await page.getByRole('link', { name: 'Record what is behind them' }).click();
  await porch.press('Lay a photo over it');
  const chooser = page.waitForEvent('filechooser');
  await porch.press('Take or choose the photo');
  await (await chooser).setFiles({ name: 'wall.png', mimeType: 'image/png', buffer: DOT });
  const picture = page.getByRole('button', { name: 'Tap the spot in the photo' });
  await picture.click({ position: { x: 10, y: 250 } });
  await picture.click({ position: { x: 200, y: 20 } });
  await porch.fill('First: from the left corner', '0"');
  await porch.fill('First: up from the floor', '0"');
  await porch.fill('Second: from the left corner', `8'`);
  await porch.fill('Second: up from the floor', '20 ft');
  await porch.press('Lay it over');
  await expect(page.getByRole('alert').first()).toContainText('above it');
  await porch.fill('Second: up from the floor', '90"');
  await porch.press('Lay it over');
  await expect(page.getByText(/^Laid over/)).toBeVisible();
  // A photo alone does not say what is in the wall.
  await expect(page.getByText('Not recorded yet')).toBeVisible();
  await porch.keep('cold supply 22 from the left, 36 up, bathroom wall 1, up to the ceiling');
  await expect(page.getByText('1. supply pipe')).toBeVisible();
  const thing = page.getByRole('button', { name: /^1, supply pipe: change or move it/ });
  await thing.press('ArrowRight');
  await expect(page.getByText(/1' 11" from the left/).first()).toBeVisible();
  await thing.click();
  await porch.fill('What shuts it off', 'valve under the basin');
  await porch.press('Keep it so');
  await expect(page.getByText(/hangs on valve under the basin/)).toBeVisible();

  // The board is refused, wall by wall, and "nothing in it" is said where it is refused.
  const board = `/job?id=${encodeURIComponent(`${bathroom}/board.walls`)}`;
  await porch.visit(board);
  await expect(porch.heading()).toHaveText('Hang board on the walls');
  const notYet = page.getByRole('note', { name: 'Not yet' });
  await expect(notYet).toContainText('Not recorded in Bathroom: wall 2, wall 3, wall 4, ceiling.');
  await expect(page.getByRole('button', { name: /^Mark done/ })).toBeHidden();
  await porch.press('Nothing in some of them: Bathroom');
  for (const wall of ['wall 2', 'wall 3', 'wall 4', 'ceiling']) {
    await porch.press(`Nothing in ${wall}, Bathroom`);
    await expect(page.getByRole('button', { name: `Nothing in ${wall}, Bathroom` })).toBeHidden();
  }
  await expect(notYet).not.toContainText('Not recorded');
  await expect(notYet).toContainText('Rough plumbing inspection');

  // The visit fails: its correction is a job, and the ladder says so.
  await porch.visit('/visits');
  await porch.press(/^More of Rough plumbing inspection/);
  await porch.press('It did not pass');
  await porch.fill('What has to be put right', 'nail plates at the sill 30 min');
  await porch.press(/^Today, /);
  await expect(page.getByText('It did not pass: put it right', { exact: false })).toBeVisible();
  await page.getByRole('link', { name: 'Nail plates at the sill' }).click();
  await expect(porch.heading()).toHaveText('Nail plates at the sill');
  await porch.press(/^Mark done/);
  await porch.press(/^Today, /);
  await porch.visit('/visits');
  await porch.press(/^More of Rough plumbing inspection/);
  await porch.press('It passed');
  await porch.press(/^Today, /);
  await porch.press('1 inspection passed');
  await expect(page.getByText(/Passed/).first()).toBeVisible();

  // What is still in the way is done or passes one by one; then the board may go up.
  await porch.visit('/ready');
  await porch.choose('Ready for', 'The board');
  await expect(page.getByText('0 of 1 room ready')).toBeVisible();
  await porch.expectAccessible('ready for the board');
  for (;;) {
    await porch.visit(board);
    await porch.settle();
    const inTheWay = notYet.getByRole('link').first();
    if (!(await inTheWay.isVisible())) break;
    await inTheWay.click();
    await page.getByRole('button', { name: /^(?:Mark done|It passed)/ }).click();
    await porch.press(/^Today, /);
    // Planned anew with it: the board would still name it before.
    await expect(page.getByText(/^done Sat 14 Mar/).first()).toBeVisible();
  }
  await porch.press(/^Mark done/);
  await porch.press(/^Today, /);
  await expect(page.getByText(/^done Sat 14 Mar/)).toBeVisible();
});

test('a room closed unrecorded is told on Keys and asked wall by wall', async ({ porch, page }) => {
  await porch.startHouse();
  await porch.addRoom({ kind: 'Bathroom', length: `8'`, width: `6'` });
  await porch.finishRooms(1);
  await porch.chooseWorks('Bathroom', ['New bathroom', 'Strip and re-line walls and ceiling']);
  await porch.keep('3h hanging board bathroom, done');
  await porch.go('Keys');
  await page.getByRole('link', { name: /^Closed unrecorded: Bathroom/ }).click();
  await page.getByRole('link', { name: 'Say it wall by wall: Bathroom' }).click();
  await expect(page.getByText('Closed, and never recorded')).toBeVisible();
  await porch.press(/^Closed, nobody knows/);
  await expect(page.getByText(/^Closed unseen, /)).toBeVisible();
  await porch.press('May I screw here?');
  await porch.fill('From the left corner', '40"');
  await porch.fill('Up from the floor', '60"');
  await porch.press('Ask the wall');
  await expect(page.getByRole('status', { name: 'What the wall says' })).toContainText(
    'Nobody has recorded wall 1',
  );
});
