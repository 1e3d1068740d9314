import { PHONE, expect, test } from './porch';

test.use({ viewport: PHONE });

test('an evening of four facts, one put right by a chip, kept, and corrected three days later', async ({
  porch,
  page,
}) => {
  await porch.startHouse({ helper: 'Ana' });
  await porch.addRoom({ kind: 'Bedroom', name: 'Back bedroom', length: `12'`, width: `10'` });
  await porch.finishRooms(1);
  await porch.chooseWorks('Back bedroom', ['Strip and re-line walls and ceiling']);
  const evening =
    'stripping walls back bedroom, $18.40 blades, plumber quoted 2,400 for the bathroom, need to call the office';
  await porch.say(`2h Ana ${evening}`);
  await expect(porch.slips().getByRole('listitem')).toHaveCount(4);
  await expect(porch.slips()).toContainText('quote, nothing spent');
  await porch.press(/^Change: 2h Ana/);
  await porch.press('Who: Ana, change');
  await porch.press('Me and Ana');
  await expect(porch.slips()).toContainText('2h each');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('Kept for today.')).toBeVisible();
  await page.clock.setFixedTime('2026-03-17T20:00:00');
  await page.reload();
  await porch.go('Journal');
  await page.getByRole('button', { name: /^Correct: 2h Ana/ }).click();
  // The line stays on its day, and what was put right by the chip holds when a word changes.
  await page.getByLabel('The line').fill(`3h Ana ${evening}`);
  await expect(porch.slips()).toContainText('3h each');
  await porch.press('Keep the change');
  await expect(page.getByRole('heading', { name: /Sat 14 Mar/ })).toBeVisible();
  await expect(page.getByText('3h · Strip the walls · Ana · Back bedroom')).toBeVisible();
  await porch.go('Today');
  await porch.press('Done: need to call the office');
  await expect(page.getByText('said Sat 14 Mar')).toBeHidden();
});

test('works are chosen by a line, what came short stands in Stores, help owed on Today', async ({
  porch,
  page,
}) => {
  await porch.startHouse({ helper: 'Ana' });
  await porch.addRoom({ kind: 'Bedroom', name: 'Back bedroom', length: `12'`, width: `10'` });
  await porch.finishRooms(1);
  await porch.keep('back bedroom: new floor and repaint');
  await porch.openRoom('Back bedroom');
  await expect(page.getByText('New floor').first()).toBeVisible();
  await porch.keep('odd tiles arrived, 2 boxes short; we owe Ana 3 hours');
  await porch.go('Stores');
  await expect(page.getByText('To order again')).toBeVisible();
  await porch.go('Today');
  await expect(page.getByText('We owe Ana')).toBeVisible();
  await porch.press('Paid back: Ana');
  await expect(page.getByText('We owe Ana')).toBeHidden();
});

test('the walk takes a sentence with several things, and what it does not know as a note', async ({
  porch,
  page,
}) => {
  await porch.startHouse({});
  await porch.addRoom({ kind: 'Bedroom', name: 'Back bedroom', length: `12'`, width: `10'` });
  await porch.finishRooms(1);
  await page.goto('/walk');
  await porch.fill(
    'Say what you see',
    'back bedroom door becomes window, 36 wide, ceiling leaks and floor sags, chimney out. Odd little draught',
  );
  const list = page.getByRole('list', { name: 'What this line will note' });
  await expect(list.getByRole('listitem')).toHaveCount(4);
  await expect(list).toContainText('Chimney');
  await page.getByLabel('Say what you see').press('Enter');
  await expect(page.getByText('Noted 4 things on the walk.')).toBeVisible();
});

test('dates and numbers are read as the house writes them', async ({ porch, page }) => {
  await porch.startHouse({});
  await porch.addRoom({ kind: 'Bedroom', name: 'Back bedroom', length: `12'`, width: `10'` });
  await porch.finishRooms(1);
  await porch.go('Settings');
  await porch.choose('Currency', 'EUR');
  await porch.choose('3/7 is', '3 July');
  await porch.choose('Numbers are written', '1.250,50');
  await porch.fill('For planned work', '65.000');
  await porch.fill('Contingency beside it', '6,5k');
  await porch.press('Keep the budget');
  await expect(page.getByText(/Budget .*65,000.*6,500/).first()).toBeVisible();
  await porch.say('1.250,50 € lumber back bedroom');
  await expect(porch.slips()).toContainText('1,250.50');
});
