import { expect, test } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { register, weighCord } from './maker.js';

test('the stash goes out as CSV and comes in again once looked at', async ({ page }) => {
    await register(page);
    await weighCord(page);
    const download = page.waitForEvent('download');
    await page.goto('/stash');
    await page.getByRole('link', { name: 'CSV', exact: true }).click();
    await page.getByRole('link', { name: 'Keep as CSV' }).click();
    const csv = await readFile(await (await download).path(), 'utf8');
    expect(csv.split('\n')[1]).toBe('cord,"Tarred cord",#c9b994,,,4,,,,,1,,8.2,,,,,,,,,,,900');

    const more = [
        `${csv}cord,"Second cord",#112233,,,5 mm,,,,,2 yd,,"1,5 oz",,,,,,,,`,
        'cord,"Bad cord",#112233,,,0 mm,,,,,1,,5',
        'tabs,Tabs,,,,,,,,,,50,14.5,,,14,Tarred cord,,,,,,350',
        '',
    ].join('\n');
    await page.getByLabel('File').setInputFiles({ name: 'stash.csv', mimeType: 'text/csv', buffer: Buffer.from(more) });
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByRole('heading', { name: '3 lines read, one not' })).toBeVisible();
    await expect(page.getByText('Line 4.')).toBeVisible();
    await page.getByRole('button', { name: 'Take these 3 in, leave the others' }).click();
    await expect(page.getByRole('status')).toHaveText('3 materials are taken in.');
    await expect(page.locator('.shelf > li')).toHaveCount(4);
});

test('a cord is entered, used for a bag, undone, put away and held together', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await page.getByLabel('What', { exact: true }).selectOption('used in a bag');
    await page.getByLabel('How much').fill('1 kg');
    await page.getByRole('button', { name: 'Enter it' }).click();
    await expect(page.getByRole('alert')).toContainText('There are 900 g on hand');
    await expect(page.getByLabel('How much')).toHaveValue('1 kg');
    await page.getByLabel('How much').fill('50 m');
    await page.getByRole('button', { name: 'Enter it' }).click();
    await expect(page.locator('.figures')).toContainText('490');
    await page.getByRole('button', { name: 'Undo: used in a bag 410' }).click();
    await expect(page.locator('.figures')).toContainText('900');
    await expect(page.locator('.struck')).toHaveCount(1);

    await page.getByLabel('Your hand').selectOption('tight');
    await page.getByRole('button', { name: 'Advise' }).click();
    await expect(page.locator('.hooks')).toContainText('9 mm');

    // Each stands on the shelf, as large as there is of it; a list has all that can be done.
    await page.goto('/stash');
    await expect(page.locator('.shelf > li svg')).toBeVisible();
    await page.getByRole('button', { name: 'List' }).click();
    await page.getByRole('button', { name: 'Put away Tarred cord' }).click();
    await expect(page.getByText('Nothing weighed yet')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('link', { name: 'Held together' }).click();
    await page.getByLabel('Tarred cord').fill('4');
    await page.getByRole('button', { name: 'Hold them together' }).click();
    // Four ends: twice as thick, four times as heavy, a quarter as far.
    const told = page.getByRole('region', { name: 'Held together' });
    await expect(told).toContainText('32.8');
    await expect(told).toContainText('8.0');
    await expect(told).toContainText('after 27 m');
    await page.getByLabel('Tarred cord').fill('many');
    await page.getByRole('button', { name: 'Hold them together' }).click();
    await expect(page.getByText('Write how many ends, from 0 to 12.')).toBeVisible();
    await expect(page.getByLabel('Tarred cord')).toHaveValue('many');
});

test('the scale is unplugged in mid-weighing, and the weighing goes on by hand', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await page.getByRole('link', { name: 'Weigh it' }).click();
    const scale = page.getByRole('region', { name: 'Kitchen scale' });
    const shown = scale.locator('[data-shown]');
    const take = page.locator('[data-take="piece"]');
    await page.getByLabel('Its length').fill('5');
    await scale.getByLabel('Lay on the pan').fill('42 g');
    await scale.getByRole('button', { name: 'Lay it on' }).click();
    // It settles: what it shows must have come to rest before it is taken.
    await expect(shown).toHaveText(/^4[0-4] g$/);
    await expect(scale.locator('.display')).toHaveClass(/resting/);
    await take.click();
    await expect(page.getByLabel('Each weighing of it')).toHaveValue(/^4[0-4] g$/);
    await scale.getByRole('button', { name: 'Unplug' }).click();
    await expect(scale).toContainText('not plugged in');
    await take.click();
    await expect(scale.getByRole('alert')).toContainText('plug it in, or type what yours shows');
    // Nothing typed or taken is lost; the second weighing is typed.
    const weighings = page.getByLabel('Each weighing of it');
    await weighings.fill(`${await weighings.inputValue()}\n42.5`);
    await page.getByRole('button', { name: 'Work it out' }).click();
    await expect(page.getByText('from 2 weighings')).toBeVisible();
    await expect(scale).toContainText('not plugged in');
    await scale.getByRole('button', { name: 'Plug in' }).click();
    // It wakes at zero with what lies on it.
    await expect(shown).toHaveText(/^-?[0-2] g$/);
    await page.getByRole('button', { name: 'Keep this density' }).click();
    await expect(page.getByRole('status')).toContainText(/8\.[2-6] g\/m/);
    await expect(page.getByLabel('Its length')).toHaveValue('5');
});

test('what the next page was to say is not lost to a script that asks in between', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await page.goto('/stash/weigh');
    const token = await page.locator('input[name="_token"]').first().inputValue();
    await page.goto('about:blank');
    const json = { Accept: 'application/json', 'X-Requested-With': 'XMLHttpRequest' };
    await page.request.post('/stash', {
        form: { _token: token, kind: 'cord', name: '', diameter: 'as thick as rope' },
        maxRedirects: 0,
    });
    for (let asked = 0; asked < 3; asked++) {
        expect((await page.request.get('/stash/scale', { headers: json })).status()).toBe(200);
    }
    await page.goto('/stash/new');
    await expect(page.getByLabel('Thickness')).toHaveValue('as thick as rope');
    await page.reload();
    await expect(page.getByLabel('Thickness')).toHaveValue('');
});
