import { expect, test } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { register, weighCord } from './maker.js';

test('the stash goes out as CSV and comes in again once looked at', async ({ page }) => {
    await register(page);
    await weighCord(page);
    const download = page.waitForEvent('download');
    await page.goto('/stash');
    await page.getByRole('link', { name: 'Keep as CSV' }).click();
    const csv = await readFile(await (await download).path(), 'utf8');
    expect(csv.split('\n')[1]).toBe('"Tarred cord",#c9b994,4,1,8.2,900');

    await page.getByRole('link', { name: 'Read CSV' }).click();
    const more = `${csv}"Second cord",#112233,5 mm,2 yd,"1,5 oz",\n"Bad cord",#112233,,1,5,\n`;
    await page.getByLabel('File').setInputFiles({ name: 'stash.csv', mimeType: 'text/csv', buffer: Buffer.from(more) });
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByRole('heading', { name: '2 cords read, one line not' })).toBeVisible();
    await expect(page.getByText('Line 4.')).toBeVisible();
    await page.getByRole('button', { name: 'Take these 2 in, leave the others' }).click();
    await expect(page.getByRole('status')).toHaveText('2 cords are taken in.');
    await expect(page.locator('.rows > li')).toHaveCount(3);
});

test('cords are put away, brought back, weighed again and held together', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await page.getByRole('button', { name: 'Put away Tarred cord' }).click();
    await expect(page.getByText('Nothing weighed yet')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('link', { name: 'Tarred cord' }).click();
    await expect(page.getByLabel('What is on hand weighs')).toHaveValue('900 g');
    await page.getByLabel('What is on hand weighs').fill('1 lb');
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByRole('status')).toContainText('planned anew');
    await page.getByRole('link', { name: 'Hold cords together' }).click();
    await page.getByLabel('Tarred cord').fill('4');
    await page.getByRole('button', { name: 'Hold them together' }).click();
    // Four ends: twice as thick, four times as heavy, a quarter as far.
    const told = page.getByRole('region', { name: 'Held together' });
    await expect(told).toContainText('32.8');
    await expect(told).toContainText('8.0');
    await expect(told).toContainText('after 14 m');
    await page.getByLabel('Tarred cord').fill('many');
    await page.getByRole('button', { name: 'Hold them together' }).click();
    await expect(page.getByText('Write how many ends, from 0 to 12.')).toBeVisible();
    await expect(page.getByLabel('Tarred cord')).toHaveValue('many');
});
