import { expectAccessible, expectReflow } from './axe';
import { type Page, expect, saved, test } from './test';

/** Begins to make a blend, from the page before the bench. */
const begin = async (page: Page, blend: string): Promise<void> => {
  await page.goto(`/blends/${blend}/make`);
  await page.getByRole('button', { name: 'To the bench' }).click();
  await expect(page.getByRole('navigation', { name: 'What next' })).toBeVisible();
};

const pad = (page: Page, name: RegExp) => page.getByRole('button', { name });
const count = (page: Page) => page.getByTestId('count');

/** Counts an oil in and goes on. */
const countIn = async (page: Page, oil: string, drops: number): Promise<void> => {
  await expect(pad(page, new RegExp(`^${oil}: 0`))).toBeVisible();
  for (let drop = 1; drop <= drops; drop += 1) {
    await page.keyboard.press('Space');
    await expect(count(page)).toHaveText(String(drop));
  }
  await page.keyboard.press('Enter');
};

test('a perfume is adjusted twice by smell, with an oil that is new, and becomes a version', async ({
  page,
}) => {
  await page.goto('/make/batch-prompt-desk');
  await countIn(page, 'Cardamom', 2);
  await countIn(page, 'Ylang ylang', 1);
  await countIn(page, 'Vetiver', 1);
  const panel = page.getByRole('region', { name: 'Smell and adjust' });
  // One press for an oil that is in it: it is counted and judged.
  await panel.getByRole('button', { name: 'One more drop of Petitgrain' }).click();
  await expect(page.getByRole('region', { name: 'When complete' })).toContainText('3.7 %');
  // Three for another: type, choose, add.
  await panel.getByLabel('Another oil').fill('frankin');
  await page.getByRole('option').first().waitFor();
  await page.keyboard.press('Enter');
  await panel.getByRole('button', { name: /^One more drop of Frankincense/ }).click();
  await expect(page.getByRole('region', { name: 'When complete' })).toContainText('4.2 %');
  await panel.getByLabel('How it smells now').fill('greener, with a church behind it');
  await panel.getByLabel('How it smells now').blur();
  await page.getByRole('button', { name: 'Done, next' }).click();
  for (const step of [/^Top up with/, /^Close and mix/, /^Label before/]) {
    await expect(pad(page, step)).toBeVisible();
    await page.keyboard.press('Enter');
  }
  // The log says what fell, and keeps the words.
  await expect(page.getByRole('heading', { level: 1, name: /^Prompt desk, batch/ })).toBeVisible();
  const wentIn = page.getByRole('region', { name: 'What went in' });
  await expect(wentIn.getByRole('row', { name: /Frankincense/ })).toContainText(
    'added after smelling',
  );
  await expect(page.getByRole('region', { name: 'What happened' })).toContainText(
    'greener, with a church behind it',
  );
  // A nose the next day opens no batch again.
  await page.getByRole('button', { name: 'How it smells' }).click();
  await page.getByLabel('The next day').fill('softer');
  await page.getByLabel('The next day').blur();
  await saved(page);
  await expect(page.getByRole('link', { name: 'Go on making' })).toHaveCount(0);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Save as a version' }).click();
  await expect(page.getByRole('heading', { name: /^As made, 2026/ })).toBeVisible();
  await page.getByRole('button', { name: /^Restore As made/ }).click();
  await expect(page.getByLabel('Drops of Petitgrain')).toHaveValue('3');
  await expect(page.getByLabel(/^Drops of Frankincense/)).toHaveValue('1');
});

test('a balm weighed with too much wax: all of it as many times more, or accepted', async ({
  page,
}) => {
  await begin(page, 'curtain-call');
  for (const step of [/^Set out/, /^Lay out/]) {
    await expect(pad(page, step)).toBeVisible();
    await page.keyboard.press('Enter');
  }
  await countIn(page, 'Sweet orange', 13);
  await countIn(page, 'Cedarwood, Virginian', 9);
  await countIn(page, 'Patchouli', 4);
  await expect(pad(page, /^Smell/)).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(pad(page, /^Beeswax/)).toBeVisible();
  const scale = page.getByRole('form', { name: 'What you measured' });
  await scale.getByLabel('Weight of the container on the scale').fill('212.4');
  await expect(scale).toContainText('aiming at 248 g');
  // 212.4 g of pan and 41 g of wax, where 35.6 g were asked for.
  await scale.getByLabel('What the scale says').fill('253.4');
  await page.keyboard.press('Enter');
  await expect(scale.getByRole('status')).toContainText('41 g in: 5.4 g too much');
  const ways = page.getByRole('region', { name: 'Too much' });
  await expect(ways.getByRole('button', { name: /^Accept it/ })).toContainText(
    // 1.18 g of oil in 133 g were 0.89 %; in 138.4 g it is 0.85 %.
    '0.85 % by weight',
  );
  await ways.getByRole('button', { name: /^Make all of it 1.15 times as much/ }).click();
  // The oils are in already: they are asked for once more, for what is missing.
  await expect(pad(page, /^Sweet orange: 13 of 15 drops/)).toBeVisible();
});

test('three bottles in rounds, carrier first, with two extra drops in the second', async ({
  page,
}) => {
  await page.goto('/blends/row-g/make');
  await page.getByLabel('How many bottles').fill('3');
  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.getByRole('button', { name: 'All steps of the batch' }).click();
  const list = page.getByRole('region', { name: 'All steps' });
  await list.getByLabel('What goes in first').selectOption('carrier first');
  await list.getByLabel('Several bottles').selectOption('each oil into all bottles');
  await page.getByRole('button', { name: 'All steps of the batch' }).click();
  const next = page.getByRole('button', { name: 'Done, next' });
  for (const step of [/^Wipe 3 bottles/, /^Lay out/]) {
    await expect(pad(page, step)).toBeVisible();
    await next.click();
  }
  for (const bottle of ['1', '2', '3']) {
    await expect(page.getByRole('main')).toContainText(`bottle ${bottle} of 3`);
    await expect(pad(page, /^Top up/)).toBeVisible();
    await next.click();
  }
  // Lavender once round, two drops too many in the second, which is stated there alone.
  for (const [bottle, drops] of [
    ['1', 1],
    ['2', 3],
    ['3', 1],
  ] as const) {
    await expect(page.getByRole('main')).toContainText(`bottle ${bottle} of 3`);
    for (let drop = 1; drop <= drops; drop += 1) {
      await page.keyboard.press('Space');
      await expect(count(page)).toHaveText(String(drop));
    }
    if (drops > 1) {
      await page.getByRole('region', { name: 'Too many drops' }).getByText('Accept it').click();
    }
    await page.keyboard.press('Enter');
  }
  // The next oil begins at the first bottle again; it can wait until the others are in.
  await expect(page.getByRole('main')).toContainText('bottle 1 of 3');
  await page.getByRole('button', { name: 'Later' }).click();
  await expect(page.getByRole('main')).toContainText('bottle 2 of 3');
});

test('two batches with clocks at once, the page closed between: what is over is told', async ({
  page,
}) => {
  await page.clock.install();
  await page.goto('/make/batch-prompt-desk');
  const clocks = page.getByRole('region', { name: 'Clocks of this batch' });
  await clocks.getByLabel('Minutes of a clock of your own').fill('20');
  await clocks.getByRole('button', { name: 'Start' }).click();
  await expect(clocks).toContainText('Your clock of 20 minutes');
  await page.goto('/blends/row-g/make');
  await page.getByRole('button', { name: 'To the bench' }).click();
  await clocks.getByLabel('Minutes of a clock of your own').fill('5');
  await clocks.getByRole('button', { name: 'Start' }).click();
  await expect(clocks).toContainText('Your clock of 5 minutes');
  // Today shows both, and what is next at each.
  await page.goto('/today');
  await expect(page.getByText('Next: Cardamom')).toBeVisible();
  await expect(page.getByText('Your clock of 20 minutes')).toBeVisible();
  await expect(page.getByText('Your clock of 5 minutes')).toBeVisible();
  await page.clock.fastForward('06:00');
  await page.reload();
  await page.clock.fastForward('00:05');
  const finished = page.getByRole('status', { name: 'Clocks' });
  await expect(finished).toContainText('Your clock of 5 minutes');
  await expect(finished).not.toContainText('20 minutes');
  await expect(page).toHaveTitle(/⏱/);
  await finished.getByRole('button', { name: 'Done' }).click();
  await expect(finished).toHaveCount(0);
  await expect(page.getByText('Your clock of 5 minutes')).toHaveCount(0);
});

test('a clock leaves as a calendar file', async ({ page }) => {
  await page.goto('/make/batch-prompt-desk');
  const clocks = page.getByRole('region', { name: 'Clocks of this batch' });
  await clocks.getByRole('button', { name: 'Start' }).click();
  const download = page.waitForEvent('download');
  await clocks.getByRole('button', { name: 'Save to a calendar' }).click();
  expect((await download).suggestedFilename()).toBe('Prompt desk, clocks.ics');
});

test('help is one press from the bench, and the way back is one too', async ({ page }) => {
  await page.goto('/make/batch-prompt-desk');
  await page.getByRole('link', { name: /^Help/ }).click();
  await expect(page.getByRole('region', { name: 'Swallowed' })).toContainText(
    'Do not make them vomit',
  );
  await page.getByLabel('Poison information').fill('0123 456');
  await expect(page.getByRole('link', { name: '0123 456' }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(pad(page, /^Cardamom: 0/)).toBeVisible();
});

test('a note beside a step stays with the recipe', async ({ page }) => {
  await page.goto('/make/batch-prompt-desk');
  await page.getByRole('button', { name: 'All steps of the batch' }).click();
  const list = page.getByRole('region', { name: 'All steps' });
  await list.getByRole('button', { name: 'Add a note: Cardamom' }).click();
  const note = list.getByRole('textbox', { name: 'Note: Cardamom' });
  await note.fill('the bottle with the blue cap');
  await note.blur();
  await page.getByRole('button', { name: 'All steps of the batch' }).click();
  await expect(page.getByRole('main')).toContainText('the bottle with the blue cap');
  await page.goto('/blends/prompt-desk/make');
  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.getByRole('button', { name: 'All steps of the batch' }).click();
  await expect(list).toContainText('the bottle with the blue cap');
});

test('ten drops of a bottle are weighed at the bench, and count on the shelf from then on', async ({
  page,
}) => {
  // Petitgrain is on the shelf; its bottle goes with the batch that is begun now.
  await page.goto('/blends/prompt-desk/make');
  await page.getByRole('button', { name: 'To the bench' }).click();
  for (const step of [/^Wipe/, /^Lay out/]) {
    await expect(pad(page, step)).toBeVisible();
    await page.keyboard.press('Enter');
  }
  await page.getByText('Measure this dropper').click();
  await expect(page.getByText(/It counts for this bottle/)).toBeVisible();
  for (const g of ['0.41', '0.43']) {
    await page.getByLabel('What they weigh').fill(g);
    await page.getByRole('button', { name: 'Save the weighing' }).click();
  }
  await expect(page.getByText('10 drops, 0.43 g')).toBeVisible();
  await page.goto('/shelf/petitgrain-1');
  await expect(page.getByLabel('Mass of weighing 2, in g')).toHaveValue('0.43');
});

test('a melt is read with a thermometer now and then, and the wait is foretold', async ({
  page,
}) => {
  await page.clock.install();
  await page.goto('/blends/keepsake/make');
  await page.getByRole('button', { name: 'To the bench' }).click();
  const cool = pad(page, /^Cool to/);
  const go = page.getByRole('button', { name: /^(Done, next|Go on with|Added, next)/ });
  for (let step = 0; step < 20 && !(await cool.isVisible()); step += 1) {
    const before = await page.locator('[data-pad]').getAttribute('aria-label');
    await go.click();
    await expect(page.locator('[data-pad]')).not.toHaveAttribute('aria-label', before ?? '');
  }
  const cooling = page.getByRole('region', { name: 'Cooling' });
  await cooling.getByLabel('What the thermometer says').fill('78');
  await page.keyboard.press('Enter');
  await expect(cooling.getByRole('status')).toHaveText(/One more reading/);
  await page.clock.fastForward('04:00');
  await cooling.getByLabel('What the thermometer says').fill('71');
  await page.keyboard.press('Enter');
  await expect(cooling.getByRole('status')).toContainText(/Cool enough in about \d+ minutes/);
  // What was read is there after the page was closed.
  await page.reload();
  await expect(cooling.getByRole('status')).toContainText(/Cool enough in about \d+ minutes/);
});

test('a finished batch is closed: its bench opens nothing, and what was wrong is said beside it', async ({
  page,
}) => {
  await page.goto('/make/batch-raffle-table');
  await expect(page.getByRole('heading', { name: /^Finished: Raffle table/ })).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await page.getByRole('link', { name: 'To the log' }).click();
  await page.getByRole('button', { name: 'Put something right' }).click();
  await page.getByRole('button', { name: 'Something was counted wrong' }).click();
  const form = page.getByRole('form', { name: 'Correct this batch' });
  await form.getByLabel(/^What it really was/).fill('2');
  await form.getByLabel('Why').fill('there were two, I think');
  await form.getByRole('button', { name: 'Save the correction' }).click();
  const corrections = page.getByRole('region', { name: 'Corrections' });
  await expect(corrections).toContainText('was 2 drops: there were two, I think');
  await expect(corrections).toContainText('Replace the printed labels');
});

test('oils into a melt that is too hot: asked once, and the reading stays with the batch', async ({
  page,
}) => {
  await begin(page, 'curtain-call');
  const cool = pad(page, /^Cool to/);
  for (let n = 0; n < 30 && !(await cool.isVisible()); n += 1) {
    await page.keyboard.press('Enter');
    await saved(page);
  }
  await page.getByLabel('What the thermometer says').fill('90');
  await page.getByRole('button', { name: 'Save the reading' }).click();
  await page.getByRole('button', { name: 'Done, next' }).click();
  await expect(page.getByRole('alert')).toContainText('The last reading was 90 °C');
  await expectAccessible(page);
  await expectReflow(page);
  await expect(cool).toBeVisible();
  await page.getByRole('button', { name: 'Done, next' }).click();
  await expect(pad(page, /^Stir in the oils/)).toBeVisible();
});
