import { expect, test } from './test';

test('°F, fl oz and oz are shown wherever the settings ask for them', async ({ page }) => {
  await page.goto('/blends/curtain-call');
  const texture = page.getByRole('region', { name: 'Texture' });
  const glass = page.getByRole('region', { name: 'Glass' });
  await expect(texture).toContainText(/Sets at about 53 to 54\s°C/);
  await expect(glass).toContainText(/148\sml, 132\sg in total/);

  await page.goto('/settings');
  await page.getByRole('group', { name: 'Temperatures' }).getByLabel('°F').check();
  await page.getByLabel('ml and g, with US fl oz and oz beside them').check();

  // By hand: 53 × 9/5 + 32 = 127.4, 54 × 9/5 + 32 = 129.2; 148 / 29.57 = 5; 131.8 / 28.35 = 4.65.
  await page.goto('/blends/curtain-call');
  await expect(texture).toContainText(/Sets at about 127 to 129\s°F/);
  await expect(texture).not.toContainText('°C');
  await expect(glass).toContainText(/148\sml \(5\sfl\soz\), 132\sg \(4\.6\soz\) in total/);

  await page.goto('/blends/curtain-call/label');
  await expect(page.getByRole('group', { name: /^9 tins of 15\sml/ })).toContainText(
    /g \(0\.42\soz\)/,
  );

  await page.goto('/handbook#heat');
  const handbook = page.getByRole('main');
  await expect(handbook).toContainText('90 to 131 °F');
  await expect(handbook).not.toContainText('°C');

  // What a base melts at is typed in the same degrees, and comes back as it was typed.
  await page.goto('/materials/new/base');
  const melts = page.getByLabel('Melts at');
  await melts.fill('145');
  await melts.blur();
  await expect(melts).toHaveValue('145');
  await melts.fill('12');
  await expect(page.getByRole('alert')).toContainText('32 or more');
});
