import { expect, test } from '@playwright/test';
import { measureSwatch, planBag, register, weighCord } from './maker.js';

test.use({ javaScriptEnabled: false });

test('the whole story goes by plain forms', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await measureSwatch(page);
    await planBag(page);

    await page.getByLabel('Base length').fill('36 cm');
    await page.getByRole('button', { name: 'Save and draw' }).click();
    await expect(page.getByText('Saved and drawn anew')).toBeVisible();
    await expect(page.getByRole('group', { name: 'Base, drawn' })).toContainText('chain: 21');

    // A refused value comes back in its field, in its open station, with its message.
    await page.getByLabel('Height').fill('-3');
    await page.getByRole('button', { name: 'Save and draw' }).click();
    await expect(page.getByText('less than nothing')).toBeVisible();
    await expect(page.getByLabel('Height')).toHaveValue('-3');
    await expect(page.locator('[data-stale]')).toBeVisible();
    await page.getByLabel('Height').fill('20 cm');
    await page.locator('[data-station="3"] > summary').click();
    await page.getByLabel('Around the ends').selectOption('three');
    await page.getByRole('button', { name: 'Save and draw' }).click();
    await page.getByRole('link', { name: 'Words' }).click();
    await expect(page.locator('.pattern')).toContainText('3 sc in last ch');

    await page.goto('/bags/import');
    await page.getByLabel('or its text').fill('{"format": "something else"}');
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByText('This is not the file of a bag')).toBeVisible();
    await expect(page.getByLabel('or its text')).toHaveValue('{"format": "something else"}');
});

test('stash, scale, cutting table, weigh-ins and marks go by plain forms', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await page.getByLabel('How much').fill('50 g');
    await page.getByRole('button', { name: 'Enter it' }).click();
    await expect(page.locator('.figures')).toContainText('950');
    await page.getByRole('button', { name: 'Undo: bought 50' }).click();
    await expect(page.locator('.figures')).toContainText('900');

    await page.getByRole('link', { name: 'Weigh it' }).click();
    await page.getByLabel('Lay on the pan').fill('412 g');
    await page.getByRole('button', { name: 'Lay it on' }).click();
    await page.waitForTimeout(2000);
    await page.reload();
    await expect(page.locator('[data-shown]')).toHaveText(/^41\d g$/);
    await page.getByRole('button', { name: 'Unplug' }).click();
    await expect(page.locator('[data-state]')).toHaveText('not plugged in');
    await page.getByLabel('Its length').fill('5 m');
    await page.getByLabel('Each weighing of it').fill('41\n42\n43');
    await page.getByRole('button', { name: 'Work it out' }).click();
    await expect(page.getByText('from 3 weighings')).toBeVisible();

    await measureSwatch(page);
    await planBag(page);
    await page.getByRole('link', { name: 'Enough?' }).click();
    await page.getByLabel('After', { exact: true }).selectOption('Round 4');
    await page.getByLabel('is left').fill('500 g');
    await page.getByRole('button', { name: 'Enter it' }).click();
    // Far more than the stitches take: asked about once, and taken at her word.
    await expect(page.getByText('Really?').first()).toBeVisible();
    await page.getByRole('button', { name: 'Enter it' }).click();
    await expect(page.getByText('from weigh-ins')).toBeVisible();
    await page.getByRole('link', { name: 'Reckon what makes it fit' }).click();
    await expect(page.locator('.mends li').first()).toBeVisible();
    await page.getByRole('button', { name: 'Take out the weigh-in after Round 4' }).click();
    await expect(page.getByText('from swatch')).toBeVisible();
    await weighCord(page, 'Mooring cord');
    await page.goto('/bags');
    await page.getByRole('link', { name: 'Pier tote' }).click();
    await page.getByRole('link', { name: 'What if' }).click();
    await page.getByRole('link', { name: 'Reckon it too' }).click();
    await page.getByRole('button', { name: 'Take Mooring cord on 10 mm, the size kept' }).click();
    await expect(page.getByRole('status')).toContainText('Taken: Mooring cord on 10 mm');

    await page.goto('/cutting?kind=bag&flat_width=30&height=40&trim_top=8&trim_bottom=2&strip=5&mass=9&pieces=2');
    await page.getByRole('button', { name: 'Cut it so' }).last().click();
    await page.locator('.steps li').first().getByRole('button').click();
    await expect(page.locator('.steps li.done')).toHaveCount(1);
    await page.locator('.steps li').first().getByRole('button').click();
    await expect(page.locator('.steps li.done')).toHaveCount(0);
    await page.getByRole('button', { name: 'Put it in the stash' }).click();
    await expect(page.getByText('plarn, looped')).toBeVisible();
});
