import { expect, test } from '@playwright/test';
import { register } from './maker.js';

test('a shirt is laid out both ways, in centimetres or inches', async ({ page }) => {
    await register(page);
    await page.goto('/');
    await page.keyboard.press('g');
    await page.keyboard.press('c');
    await page.waitForURL('**/cutting');
    await page.getByLabel('Width lying flat').fill('46');
    await page.getByLabel('Height').fill('16 in');
    await page.getByLabel('Strip').fill('wide');
    await page.getByRole('button', { name: 'Lay it out' }).click();
    await expect(page.getByText('“wide” was not understood')).toBeVisible();
    await expect(page.getByLabel('Height')).toHaveValue('16 in');
    await page.getByLabel('Strip').fill('2.5');
    await page.getByLabel('Pull').fill('30 %');
    await page.getByRole('button', { name: 'Lay it out' }).click();

    const table = page.getByRole('table');
    await expect(table.getByRole('row', { name: 'strips of one' })).toContainText('16');
    await expect(table.getByRole('row', { name: 'joins in one' })).toContainText('15');
    await expect(page.getByText('Cut away from you,')).toBeVisible();
    // Sixteen diagonals in grass over the spine, numbered after the slits.
    const one = page.getByRole('group', { name: 'Cuts, one strand' });
    await expect(one.locator('path[stroke="#3D6B4A"]')).toHaveCount(16);
    await expect(one.locator('title')).toHaveText('Cuts, one strand');

    await page.getByRole('link', { name: 'Carrier bag' }).click();
    await expect(page.getByLabel('Bottom seam cut off')).toBeVisible();
    await expect(page.getByLabel('Spine left uncut')).toHaveCount(0);
});
