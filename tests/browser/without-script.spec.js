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
    await expect(page.locator('[data-region="drawing"] svg').first()).toContainText('chain: 21');

    // A refused value comes back in its field, in its open station, with its message.
    await page.getByLabel('Height').fill('-3');
    await page.getByRole('button', { name: 'Save and draw' }).click();
    await expect(page.getByText('less than nothing')).toBeVisible();
    await expect(page.getByLabel('Height')).toHaveValue('-3');
    await expect(page.locator('[data-stale]')).toBeVisible();
    await page.getByLabel('Height').fill('20 cm');
    await page.locator('[data-station="3"] > summary').click();
    await page.getByText('Three', { exact: true }).click();
    await page.getByRole('button', { name: 'Save and draw' }).click();
    await page.getByRole('link', { name: 'Words' }).click();
    await expect(page.locator('.words')).toContainText('3 sc in last ch');

    await page.goto('/bags/import');
    await page.getByLabel('or its text').fill('{"format": "something else"}');
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByText('This is not a bag file')).toBeVisible();
    await expect(page.getByLabel('or its text')).toHaveValue('{"format": "something else"}');
});
