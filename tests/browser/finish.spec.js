import { expect, test } from '@playwright/test';
import { inspect, toteOnPlan } from './maker.js';

test('a bag is lined, written down, and made again larger', async ({ page }) => {
    await toteOnPlan(page);
    await page.getByRole('link', { name: 'Finish', exact: true }).click();
    const lay = page.getByRole('group', { name: 'The lay of the lining' });
    await expect(lay.locator('svg')).toBeVisible();
    await expect(lay).toContainText('bottom');
    await page.getByLabel('Cloth is wide').fill('90 cm');
    await page.getByLabel('The bag lies, wide').fill('34');
    await page.getByRole('button', { name: 'Draw it' }).click();
    await expect(page.getByText(/cm of cloth · drawn/)).toBeVisible();
    await expect(page.getByLabel('Cloth is wide')).toHaveValue('90 cm');
    const [sheet] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: 'Pieces at true size, A4' }).click(),
    ]);
    expect(sheet.suggestedFilename()).toMatch(/^lining-\d+\.pdf$/);
    await inspect(page, 'finish');
    await page.getByLabel('High', { exact: true }).fill('about a hand');
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.locator('#high-wrong')).not.toBeEmpty();
    await expect(page.getByLabel('High', { exact: true })).toHaveValue('about a hand');
    await page.getByLabel('High', { exact: true }).fill('17');
    await page.getByLabel('Held for an hour').fill('8');
    await page.getByLabel('What I would do otherwise').fill('A firmer hook for the base.');
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.getByRole('table')).toContainText('8 kg');
    await page.setViewportSize({ width: 390, height: 844 });
    await inspect(page, 'finish, phone');
    await page.getByLabel('Larger by').fill('20');
    await page.getByRole('button', { name: 'A new bag like it' }).click();
    await expect(page.getByText('You wrote: “A firmer hook for the base.”')).toBeVisible();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Pier tote, again');
});
