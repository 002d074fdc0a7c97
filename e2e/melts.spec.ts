import { more } from './sheet';
import { type Page, expect, test } from './test';

/** A new sheet for anyone, on a place. */
const newSheet = async (page: Page, name: string, place: string) => {
  await page.goto('/blends');
  await page.getByRole('button', { name: 'New blend' }).first().click();
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByRole('button', { name: /^Person:/ }).click();
  await page.getByRole('radio', { name: /^anyone/i }).click();
  // What is answered closes, and the next gap is open.
  const places = page.getByRole('dialog', { name: 'Place' });
  await places.getByRole('radio', { name: place, exact: true }).click();
  await expect(page.getByRole('dialog', { name: 'Strength' })).toBeVisible();
  await page.keyboard.press('Escape');
};

const addBase = async (page: Page, letters: string) => {
  await page.getByLabel('Add a base').fill(letters);
  await page.getByRole('option').first().click();
};

const addOil = async (page: Page, letters: string) => {
  await page.getByLabel('Add an oil').fill(letters);
  await page.getByRole('option').first().click();
};

const goOn = async (page: Page, to: string | RegExp) => {
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-pad]')).toContainText(to);
};

test('a solid perfume for nine tins and four sticks, from the sheet to the label', async ({
  page,
}) => {
  await newSheet(page, 'Second bell', 'wrists and neck');
  await page.getByRole('button', { name: /^Container:/ }).click();
  const containers = page.getByRole('dialog', { name: 'Container' });
  await containers.getByLabel('Kind', { exact: true }).selectOption('tin');
  await containers.getByLabel('Size', { exact: true }).selectOption('tin-15');
  await containers.getByLabel('How many of them', { exact: true }).fill('9');
  await containers.getByRole('button', { name: 'Another kind of container' }).click();
  await containers.getByLabel('Kind, line 2').selectOption({ label: 'stick' });
  await containers.getByLabel('How many of them, line 2').fill('4');
  await containers.getByLabel('Loss allowance, in percent').fill('5');
  await page.keyboard.press('Escape');
  await expect(
    page.getByRole('button', { name: 'Container: 9 tins of 15 ml and 4 sticks of 5 ml' }),
  ).toBeVisible();

  await addBase(page, 'jojoba');
  await addBase(page, 'beeswax, yellow');
  await page.getByLabel('Percent of yellow beeswax').fill('20');
  await page.getByRole('button', { name: /^Strength:/ }).click();
  await page.getByLabel('Essential oil, in percent').fill('1');
  await page.keyboard.press('Escape');
  await addOil(page, 'sweet orange');
  await addOil(page, 'patch');

  // 9 x 13.5 + 4 x 4.85 = 140.9 ml, and 5 % more: 147.9 ml.
  const glass = page.getByRole('region', { name: 'Glass' });
  await expect(glass).toContainText('148 ml');
  await expect(glass).toContainText('9 tins: 13.5 ml');
  await expect(glass).toContainText('4 sticks: 4.85 ml');

  // A fifth of wax is too soft for a stick; one press makes it firmer.
  const texture = page.getByRole('region', { name: 'Texture' });
  await expect(texture).toContainText('Sticks want it firmer, 25 to 33 % of wax');
  await texture.getByRole('button', { name: 'Make it 25 %' }).click();
  await expect(page.getByLabel('Percent of yellow beeswax')).toHaveValue('25');
  await expect(texture).not.toContainText('Sticks want it firmer');
  await expect(texture).toContainText('Sets at about');

  await page.getByRole('link', { name: /^Make this/ }).click();
  await page.getByRole('button', { name: 'To the bench' }).click();
  const pad = page.locator('[data-pad]');
  await expect(pad).toContainText('9 tins of 15 ml and 4 sticks of 5 ml');
  await goOn(page, 'Sweet orange');
  await goOn(page, 'Sweet orange');
  // The step before names the oil too.
  await expect(pad).toContainText(/of \d+ drops/);
  const target = Number(/of (\d+) drops/.exec((await pad.textContent()) ?? '')?.[1]);
  expect(target).toBeGreaterThan(5);
  for (let drop = 0; drop < target; drop += 1) await page.keyboard.press('Space');
  await expect(page.getByTestId('count')).toHaveText(String(target));
  await goOn(page, 'Patchouli');
  const second = Number(/of (\d+) drops/.exec((await pad.textContent()) ?? '')?.[1]);
  for (let drop = 0; drop < second; drop += 1) await page.keyboard.press('Space');
  await expect(page.getByTestId('count')).toHaveText(String(second));
  await goOn(page, 'Smell on a strip');
  await goOn(page, /Beeswax, yellow.* g/);
  await goOn(page, /Jojoba oil.* g/);
  await goOn(page, '70 to 75 °C');
  await goOn(page, 'cold oil makes hot wax seize');
  await goOn(page, /Cool to \d+–\d+ °C/);
  await goOn(page, 'Stir in the oils');
  await goOn(page, 'Fill 9 tins');
  // The ninth tin came out half full: that is said while it is poured.
  await page.getByRole('button', { name: 'More or fewer' }).click();
  const cameOut = page.getByRole('form', { name: 'What came out' });
  await cameOut.getByLabel('Full tins of 15 ml').fill('8');
  await cameOut.getByLabel('Part-filled tins of 15 ml').selectOption('one half full');
  await expect(cameOut.getByRole('status')).toHaveText(
    '8 tins of 15 ml, 1 tin of 15 ml with 6.75 ml in it and 4 sticks of 5 ml.',
  );
  await cameOut.getByRole('button', { name: 'Save what came out' }).click();
  await goOn(page, 'Fill 4 sticks');
  await goOn(page, 'Let it set');
  await goOn(page, 'Close them');
  await goOn(page, '13 labels');
  await page.keyboard.press('Enter');
  await expect(
    page.getByText('8 tins of 15 ml, 1 tin of 15 ml with 6.75 ml in it and 4 sticks of 5 ml'),
  ).toBeVisible();

  await page.getByRole('link', { name: 'Label', exact: true }).click();
  // All thirteen in one print, each for what is in it, to give away and to sell.
  const which = page.getByLabel('For which containers');
  await expect(which.locator('option:checked')).toHaveText('all 13, each for what is in it');
  const tins = page.getByRole('group', { name: '8 tins of 15 ml' });
  const last = page.getByRole('group', { name: '1 tin of 15 ml with 6.75 ml in it' });
  const sticks = page.getByRole('group', { name: '4 sticks of 5 ml' });
  await expect(tins).toContainText('Tin, 12 g, 13.5 ml');
  await expect(sticks).toContainText('Stick');
  await page.getByLabel('These labels are').selectOption('to sell in the EU');
  await expect(tins).toContainText('Ingredients:');
  await expect(last).toContainText('6 g');
  await expect(sticks).toContainText('Ingredients:');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as PDF' }).click();
  expect((await download).suggestedFilename()).toMatch(/, labels\.pdf$/);
  await page.getByLabel('These labels are').selectOption('to keep or give away');
  await which.selectOption({ label: '4 sticks of 5 ml' });
  await expect(page.getByLabel('How many labels')).toHaveValue('4');
  await expect(page.getByRole('group', { name: 'Labels' })).toContainText('Stick');
});

test('a whipped butter by weight: amounts make the batch, and jars are what is left to find', async ({
  page,
}) => {
  await newSheet(page, 'Late supper', 'body');
  await addBase(page, 'shea butter');
  await addBase(page, 'mango butter');
  await addBase(page, 'fractionated coconut');
  await page.getByLabel('Parts of shea butter').fill('120 g');
  await page.getByLabel('of mango butter').fill('60 g');
  await page.getByLabel('of fractionated coconut').fill('4 metric tbsp');
  // Four metric spoons are 60 ml; by weight they are 56.7 g.
  await page.keyboard.press('Tab');
  await expect(page.getByLabel('ml of fractionated coconut')).toHaveValue('60');
  await expect(page.getByRole('button', { name: /^Carrier: 120 g shea/ })).toBeVisible();

  await page.getByRole('button', { name: /^Container:/ }).click();
  const containers = page.getByRole('dialog', { name: 'Container' });
  await containers.getByLabel('Kind', { exact: true }).selectOption('jar');
  await containers.getByLabel('Size', { exact: true }).selectOption('jar-120');
  await containers.getByLabel('How many of them', { exact: true }).fill('3');
  await containers.getByLabel('Whipped', { exact: true }).check();
  await page.keyboard.press('Escape');

  // 120/0.91 + 60/0.91 + 60 = 257.8 ml, whipped 386.7 ml; three jars take 325.7 ml.
  const glass = page.getByRole('region', { name: 'Glass' });
  await expect(glass).toContainText('Whipped to 387 ml');
  await expect(glass).toContainText('61 ml');
  await expect(glass).toContainText('are left over');
  await glass.getByRole('button', { name: 'Fill 4 jars' }).click();
  await expect(glass).not.toContainText('left over');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();

  await addOil(page, 'lavender');
  await page.getByLabel(/^(ml|g) of Lavender/).fill('1.5 g');
  await page.getByRole('link', { name: /^Make this/ }).click();
  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.getByRole('button', { name: 'All steps of the batch' }).click();
  const steps = page.getByRole('list', { name: 'Steps' });
  await expect(steps).toContainText('Shea butter, 120 g');
  await expect(steps).toContainText('Fractionated coconut oil, 56.7 g');
  await expect(steps).toContainText('Cool to 35–45 °C');
  await expect(steps).toContainText('Whip');
  await expect(steps).toContainText('What is left');
});

test('a beard oil in fluid ounces: too much is said before it is poured', async ({ page }) => {
  await page.goto('/settings');
  await page.getByLabel(/^US/).check();
  await newSheet(page, 'Stubble', 'beard');
  await page.getByRole('button', { name: /^Container:/ }).click();
  const containers = page.getByRole('dialog', { name: 'Container' });
  await containers.getByLabel('Kind', { exact: true }).selectOption('dropper bottle');
  await containers.getByLabel('Size', { exact: true }).selectOption('dropper-30');
  await page.keyboard.press('Escape');
  await addBase(page, 'jojoba');
  await addBase(page, 'argan');
  await page.getByLabel('Parts of jojoba').fill('0.5 fl oz');
  await page.getByLabel('of argan').fill('0.5 oz');
  await expect(
    page.getByRole('alert').filter({ hasText: 'Fluid ounces or ounces by weight' }),
  ).toBeVisible();
  await page.getByLabel('of argan').fill('0.5 fl oz');
  // Twice 14.79 ml are 29.6 ml: a bottle of 30 ml takes 27.6 to its line.
  await expect(
    page.getByText(/In total it is 29\.6\sml; the container takes 27\.6\sml/),
  ).toBeVisible();
  await page.getByLabel('ml of argan').fill('0.4 fl oz');
  await expect(page.getByRole('region', { name: 'Glass' })).toContainText('26.6 ml carrier');
  await addOil(page, 'cedarwood, virg');
  await expect(page.getByRole('region', { name: 'Glass' })).toContainText('26.6 ml carrier');
});

test('an oil of which nobody has the density counts with one that is assumed, and said', async ({
  page,
}) => {
  await page.goto('/blends/stage-left');
  await expect(page.getByRole('button', { name: /^Strength: .* by weight/ })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: '% by weight' })).toHaveCount(2);
  // No one here has the density of vanilla.
  await addOil(page, 'vanilla');
  await expect(page.getByRole('columnheader', { name: '% by weight' })).toHaveCount(2);
  await page.getByText(/\d notes?$/).click();
  await expect(page.getByText(/Vanilla.*: its density is not known; 0\.85 to 1/)).toBeVisible();
});

test('twice as much in one press, and back with undo', async ({ page }) => {
  await page.goto('/blends/stage-left');
  await more(page, 'Scale');
  await page.getByRole('button', { name: 'Double' }).click();
  await expect(page.getByRole('button', { name: 'Container: 4 jars of 60 ml' })).toBeVisible();
  await expect(page.getByRole('dialog', { name: 'Scale' })).toContainText('runs out first');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Container: 2 jars of 60 ml' })).toBeVisible();
});

test('carriers are compared for this wearer, and one is taken from there', async ({ page }) => {
  await page.goto('/blends/stage-left/carriers');
  // By feel first: what is in it is pressed in, and what Teo must avoid is not there.
  const slow = page.getByRole('group', { name: 'Feels rich, absorbs slowly' });
  await expect(slow.getByRole('button', { name: 'Olive oil' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Sweet almond oil/ })).toHaveCount(0);
  await slow.getByRole('button', { name: 'Castor oil' }).click();
  await expect(slow.getByRole('button', { name: 'Castor oil' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByLabel('Show').selectOption('as a table');
  await page.getByRole('button', { name: 'Remove Castor oil' }).click();
  // Teo is allergic to tree nuts.
  await expect(page.getByRole('row', { name: /Jojoba oil/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Sweet almond/ })).toHaveCount(0);
  await page.getByLabel('hide what they should not use').uncheck();
  await expect(page.getByRole('row', { name: /Sweet almond/ })).toContainText(
    'avoid for this person: tree nut',
  );
  await expect(page.getByRole('button', { name: 'Add Sweet almond oil' })).toBeDisabled();
  await page.getByRole('button', { name: 'Add Jojoba oil' }).click();
  await page.getByRole('link', { name: 'Back to the blend' }).click();
  await expect(page.getByLabel('of jojoba')).toBeVisible();
});
