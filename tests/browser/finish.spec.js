import { expect, test } from '@playwright/test';
import { inspect, register, toteOnPlan } from './maker.js';

const png = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
);

test(
    'a bag is lined, drawn shut and tasselled, written down, made again larger, given by a link and taken',
    { tag: '@slow' },
    async ({ page, browser }) => {
        await toteOnPlan(page);
        await page.getByRole('link', { name: 'Finish', exact: true }).click();
        await expect(page.getByText('A lining, a closure, a drawstring, tassels')).toBeVisible();
        const kept = page.locator('[data-saved]');
        for (const what of ['Lining of cloth', 'Drawstring in and out', 'Tassels round the edge']) {
            await page.getByRole('button', { name: what }).click();
            await expect(page.getByText('as it mostly is. Change it at the left.')).toBeVisible();
        }
        const where = page.getByRole('group', { name: 'Where the finish goes' });
        await expect(where.locator('svg')).toBeVisible();
        // One that is open is drawn anew at once, and stays as it was typed where it has no room.
        await page.locator('[data-station="1"] > summary').click();
        await page.getByLabel('Pocket, wide × high').fill('40 × 12 cm');
        await expect(page.locator('[data-wrong="finish.0.pocket"]')).toContainText('the pocket goes beyond it');
        await expect(page.getByLabel('Pocket, wide × high')).toHaveValue('40 × 12 cm');
        await page.getByLabel('Pocket, wide × high').fill('16 × 12 cm');
        await expect(kept).toHaveText('kept just now');
        const lay = page.getByRole('group', { name: 'The lay of the lining' });
        await expect(lay).toContainText('pocket');
        await expect(page.locator('.finish-steps')).toContainText('25 times under in 50 stitches');
        await expect(page.locator('[data-region="tally"]')).toContainText('Lining cloth');
        const [sheet] = await Promise.all([
            page.waitForEvent('download'),
            page.getByRole('link', { name: 'A4' }).click(),
        ]);
        expect(sheet.suggestedFilename()).toMatch(/^lining-\d+\.pdf$/);
        await inspect(page, 'finish');
        // In the row where it is thought of; on the list of what to get.
        await page.getByRole('link', { name: 'Words' }).click();
        await expect(page.locator('.pattern')).toContainText('The drawstring goes through here.');
        await page.goBack();
        await page.getByRole('link', { name: 'Shopping list' }).click();
        await expect(page.locator('.shopping')).toContainText(['Lining cloth']);
        await inspect(page, 'shopping list');
        await page.goBack();
        // Measured, weighed, hung.
        await page.getByText('Measure, weigh and hang it').click();
        await page.getByLabel('High', { exact: true }).fill('about a hand');
        await page.getByRole('button', { name: 'Write it down' }).click();
        await expect(page.locator('#high-wrong')).not.toBeEmpty();
        await expect(page.getByLabel('High', { exact: true })).toHaveValue('about a hand');
        await page.getByLabel('Lies, wide').fill('34');
        await page.getByLabel('High', { exact: true }).fill('18');
        await page.getByLabel('Left of the strand').fill('310');
        await page.getByLabel('Hung with, kg').fill('8');
        await page.getByLabel('What I would do otherwise').fill('A firmer hook for the base.');
        await page.getByRole('button', { name: 'Write it down' }).click();
        const came = page.getByRole('region', { name: 'What it was' }).getByRole('table');
        await expect(came).toContainText('8 kg');
        await expect(came).toContainText('590 g');
        await page
            .getByLabel('A picture of it')
            .setInputFiles({ name: 'small.png', mimeType: 'image/png', buffer: png });
        await page.getByRole('button', { name: 'Keep it', exact: true }).click();
        await expect(page.locator('#picture-wrong')).toContainText('200 × 200');
        await page.setViewportSize({ width: 390, height: 844 });
        await inspect(page, 'finish, phone');
        await page.setViewportSize({ width: 1280, height: 800 });
        await page.getByRole('link', { name: 'All your finished bags' }).click();
        await expect(page.getByRole('table')).toContainText('A firmer hook for the base.');
        await inspect(page, 'log');
        await page.goBack();
        // A link shows it to a stranger, who takes it.
        await page.getByText('A link to it', { exact: true }).click();
        await page.getByRole('button', { name: 'Make a link to it' }).click();
        const link = await page.getByLabel('The link').inputValue();
        const other = await (await browser.newContext()).newPage();
        await other.goto(link);
        await expect(other.getByRole('heading', { level: 1 })).toHaveText('Pier tote');
        await expect(other.locator('body')).not.toContainText('A firmer hook');
        await inspect(other, 'shown');
        await register(other);
        await other.goto(link);
        await other.getByRole('button', { name: 'Take it as my own' }).click();
        await expect(other.getByText('“Pier tote” is yours.')).toBeVisible();
        await expect(other.getByRole('group', { name: 'Side, drawn' }).locator('svg')).toBeVisible();
        await page.getByRole('button', { name: 'Withdraw the link' }).click();
        await expect(page.getByText('The link is withdrawn')).toBeVisible();
        expect((await other.goto(link)).status()).toBe(404);
        await page.getByLabel('Larger by').fill('20');
        await page.getByRole('button', { name: 'A new bag like it' }).click();
        await expect(page.getByText('You wrote: “A firmer hook for the base.”')).toBeVisible();
        await expect(page.getByRole('heading', { level: 1 })).toHaveText('Pier tote, again');
    },
);

test(
    'everything goes out as one zip, with its progress, and into an empty account',
    { tag: '@slow' },
    async ({ page, browser }) => {
        await toteOnPlan(page);
        await page.goto('/account');
        await page.getByRole('link', { name: 'Take it with you' }).click();
        await inspect(page, 'parcel');
        await page.getByRole('button', { name: 'Put it together' }).click();
        const [zip] = await Promise.all([
            page.waitForEvent('download'),
            page.getByRole('link', { name: 'Keep the zip' }).click(),
        ]);
        const path = await zip.path();
        await expect(page.getByText('A zip is read into an empty account only')).toBeVisible();
        const other = await (await browser.newContext()).newPage();
        await register(other);
        await other.goto('/account/parcel');
        await other
            .getByLabel('The zip')
            .setInputFiles({ name: 'half.zip', mimeType: 'application/zip', buffer: Buffer.from('PK half') });
        await other.getByRole('button', { name: 'Read it in' }).click();
        await expect(other.getByRole('alert')).toContainText('Nothing was taken in.');
        await other.getByLabel('The zip').setInputFiles(path);
        await other.getByRole('button', { name: 'Read it in' }).click();
        await expect(other.getByRole('status')).toContainText('1 material, 1 swatch, 1 bag');
        await other.goto('/bags');
        await expect(other.locator('main')).toContainText('Pier tote');
    },
);
