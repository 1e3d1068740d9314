import { PHONE, WIDE, expect, test, type Porch } from './porch';

/** Chooses a work found by a word, as somebody would who does not know where it stands. */
async function findWork(porch: Porch, word: string, work: string): Promise<void> {
  const more = porch.page.getByRole('button', { name: 'Choose more works' });
  if (await more.isVisible()) await more.click();
  await porch.fill('Find a work', word);
  await porch.press(`Choose: ${work}`);
  await expect(porch.page.getByRole('button', { name: `Drop: ${work}` }).first()).toBeVisible();
}

const jobs = (porch: Porch) => porch.page.getByRole('main');

for (const [size, viewport] of Object.entries({ phone: PHONE, wide: WIDE })) {
  test(`a porch becomes a bedroom: its works, jobs and history follow, ${size}`, async ({
    porch,
    page,
  }) => {
    await page.setViewportSize(viewport);
    await porch.startHouse();
    await porch.addRoom({ kind: 'Porch', name: 'Back porch', length: `14'`, width: `10'` });
    await porch.addRoom({ kind: 'Kitchen', length: `13'`, width: `11'` });
    await porch.finishRooms(2);
    await porch.openRoom('Back porch');
    await expect(page.getByRole('button', { name: 'Choose: Rebuild the porch' })).toBeVisible();
    await porch.press('Say what it is today');
    await porch.choose('What it is today', 'Becomes another kind');
    await porch.choose('What it becomes', 'Bedroom');
    await porch.press('Keep what it is');
    await expect(page.getByText('It was: Porch. It becomes: Bedroom.')).toBeVisible();
    // What is offered is for the room it will be, and the way there first.
    await expect(page.getByRole('button', { name: 'Choose: Rebuild the porch' })).toBeHidden();
    await findWork(porch, 'porch to room', 'Make a room of it');
    for (const job of [
      'Ask whether slab, footing and roof may carry a room',
      'Frame sill and studs between the posts',
      'Hang board on the walls',
    ]) {
      await expect(
        jobs(porch)
          .getByRole('link', { name: new RegExp(job) })
          .first(),
      ).toBeVisible();
    }
    // It is still so after the page was closed.
    await page.reload();
    await expect(page.getByText('It was: Porch. It becomes: Bedroom.')).toBeVisible();
    await porch.go('Keys');
    await expect(porch.heading()).toContainText('between you and the keys');
  });
}

test('an opening is changed from the walk, with its sizes and its unit ordered', async ({
  porch,
  page,
}) => {
  await page.setViewportSize(PHONE);
  await porch.startHouse();
  await porch.addRoom({ kind: 'Living room', length: `16'`, width: `13'` });
  await porch.finishRooms(1);
  await porch.go('Walk');
  await page
    .getByRole('list', { name: 'Places in walking order' })
    .getByRole('link', { name: /^Living room,/ })
    .click();
  const windows = page.getByRole('group', { name: 'Windows', exact: true });
  await windows.getByRole('radio', { name: 'replace' }).click();
  await porch.press('Say more of windows');
  await porch.choose('In which way', 'Change an opening');
  await porch.press('Note it');
  await expect(windows).toContainText('change an opening');
  // Nothing more is known yet, so it is the larger job: an engineer, and days of framing.
  await porch.openRoom('Living room');
  await expect(jobs(porch).getByRole('link', { name: /Cut and frame the hole/ })).toBeVisible();
  // The sizes are told where the works are chosen, and it is still one opening.
  await porch.press('Choose more works');
  await porch.fill('Find a work', 'window to door');
  await porch.press('Choose: Change an opening');
  for (const [label, text] of Object.entries({
    'Now: width': `3'`,
    'Now: height': `4'`,
    'Now: sill': `3'`,
    'Then: width': `3'`,
    'Then: height': `wide`,
  })) {
    await porch.fill(label, text);
  }
  await porch.choose('Header there', 'Yes');
  await porch.choose('Lines in the way', 'No, or not known');
  await porch.press('Keep this opening');
  await expect(page.getByRole('alert')).toContainText('Then: write the height');
  await expect(page.getByLabel('Now: width')).toHaveValue(`3'`);
  await porch.fill('Then: height', `6' 9"`);
  await porch.press('Keep this opening');
  await expect(
    page.getByText(/Window to door: 3' × 4', sill 3' → 3' × 6' 9", to the floor/),
  ).toBeVisible();
  await expect(jobs(porch).getByRole('link', { name: /Cut and frame the hole/ })).toBeHidden();
  const set = jobs(porch).getByRole('link', { name: /Set, flash and close the unit the same day/ });
  await expect(set).toHaveCount(1);
  // The unit is in Stores, with its way of five weeks.
  await porch.go('Stores');
  await expect(page.getByText(/Window or door unit to size/).first()).toBeVisible();
});

test('the only bath of a household that stays: stand-ins, and the days without told against a limit', async ({
  porch,
  page,
}) => {
  await page.setViewportSize(PHONE);
  await porch.startHouse({ livedIn: true });
  await porch.addRoom({ kind: 'Bathroom', length: `8'`, width: `5'` });
  await porch.finishRooms(1);
  await porch.openRoom('Bathroom');
  await porch.press('Choose: New bathroom');
  await porch.settle();
  await expect(jobs(porch).getByRole('link', { name: /hired toilet/ })).toBeVisible();
  await expect(
    jobs(porch).getByRole('link', { name: /every piece with a long lead/ }),
  ).toBeVisible();
  const without = page.getByText('Without bath or shower');
  await expect(without).toBeVisible();
  await expect(page.getByText('limit 10, a guess')).toBeVisible();
  await expect(page.getByText(/Longer than you can do without/).first()).toBeVisible();
  await porch.press('Set the limit: without bath or shower');
  await porch.fill('Days we can do without', 'ten');
  await porch.press('Keep the limit');
  await expect(page.getByRole('alert').filter({ hasText: 'whole days' })).toBeVisible();
  await porch.fill('Days we can do without', '300');
  await porch.press('Keep the limit');
  await expect(page.getByText('limit 300', { exact: true })).toBeVisible();
  // Nobody moves into a house they live in.
  await porch.go('Keys');
  await expect(page.getByText('Move in', { exact: true })).toBeHidden();
});

test('how places belong together is guessed, put right, and kept', async ({ porch, page }) => {
  await page.setViewportSize(PHONE);
  await porch.startHouse();
  await porch.addRoom({ kind: 'Kitchen', length: `13'`, width: `11'` });
  await porch.addRoom({ kind: 'Bedroom', length: `12'`, width: `11'` });
  await porch.addRoom({ kind: 'Outside face', name: 'North face', length: `30'`, width: `1'` });
  await porch.finishRooms(3);
  await expect(page.getByText('North face is the outside of')).toBeVisible();
  await porch.press('Put right: North face is the outside of');
  await page.getByRole('checkbox', { name: 'Bedroom' }).click();
  await porch.press('Keep it so');
  // Kept is what the screen says is kept; only then may the page go.
  await expect(page.getByText('told', { exact: true })).toBeVisible();
  await page.reload();
  await expect(page.getByText('told', { exact: true })).toBeVisible();
  await porch.press('Put right: North face is the outside of');
  await expect(page.getByRole('checkbox', { name: 'Bedroom' })).not.toBeChecked();
  await expect(page.getByRole('checkbox', { name: 'Kitchen' })).toBeChecked();
});
