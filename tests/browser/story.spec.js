import { expect, test } from '@playwright/test';
import { readFile, rm, writeFile } from 'node:fs/promises';
import { measureSwatch, planBag, register, rounds, weighCord } from './maker.js';

test('a new maker goes from a weighed cord to a plan, its words, paper and a file', async ({ page }) => {
    const loud = [];
    page.on('console', (message) => message.type() === 'error' && loud.push(message.text()));
    page.on('pageerror', (error) => loud.push(error.message));

    await register(page);
    await weighCord(page);
    await measureSwatch(page);
    await planBag(page);

    // The plan: 16 chains and 5 rounds of base come nearest to 30 × 12.
    await expect(page.getByText('29.5 × 11.5 cm')).toBeVisible();
    await expect(page.getByRole('group', { name: 'Base, drawn' })).toContainText('chain: 16');
    await expect(page.locator('[data-region="tally"]')).toContainText('in 100');

    // A change redraws in place: no new page, focus and scroll where they were.
    await page.evaluate(() => {
        window.samePage = true;
        window.scrollTo(0, 40);
    });
    const length = page.getByLabel('Base length');
    await length.fill('36 cm');
    await expect(page.getByRole('group', { name: 'Base, drawn' })).toContainText('chain: 21');
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await expect(length).toBeFocused();
    expect(await page.evaluate(() => [window.samePage, Math.round(window.scrollY)])).toEqual([true, 40]);

    // Taking a count in hand: the station says it, the planner stops solving it.
    await page.locator('[data-station="3"] > summary').click();
    await expect(page.getByRole('textbox', { name: 'Chains to start' })).toHaveAttribute('placeholder', '21');
    await page.getByRole('textbox', { name: 'Chains to start' }).fill('22');
    await page.getByRole('textbox', { name: 'Rounds of base' }).fill('2');
    await expect(page.locator('[data-region="station-base"]')).toHaveText('oval, ch 22, 2 rounds');
    await expect(page.locator('[data-note="misses-width"]')).toContainText('narrower than wished');

    await page.getByRole('link', { name: 'Words' }).click();
    await expect(page.locator('.pattern')).toContainText('Sc in each st around.');
    const us = await rounds(page);
    await page.getByRole('link', { name: 'UK names' }).click();
    await expect(page.locator('.pattern')).toContainText('Dc in each st around.');
    await expect(page.locator('.pattern')).not.toContainText('Sc in');

    // On paper the pattern stands alone.
    await page.emulateMedia({ media: 'print' });
    await expect(page.locator('.top')).toBeHidden();
    await expect(page.locator('.pattern')).toBeVisible();
    expect((await page.pdf({ format: 'A4' })).length).toBeGreaterThan(10_000);
    await page.emulateMedia({ media: 'screen' });
    const pdf = page.waitForEvent('download');
    await page.getByRole('link', { name: 'PDF' }).click();
    expect((await readFile(await (await pdf).path())).subarray(0, 5).toString()).toBe('%PDF-');

    // Out as a file and in again: the same plan.
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Bag file' }).click();
    const file = await (await download).path();
    await page.goto('/bags/import');
    await page
        .getByLabel('File')
        .setInputFiles({ name: 'tote.json', mimeType: 'application/json', buffer: await readFile(file) });
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByText('is read from its file')).toBeVisible();
    await page.getByRole('link', { name: 'Words' }).click();
    expect(await rounds(page)).toEqual(us);

    // Put away and brought back.
    await page.goto('/bags');
    await expect(page.locator('.wall img').first()).toBeVisible();
    // Several side by side, not one under another.
    expect((await page.locator('.wall li').first().boundingBox()).width).toBeLessThan(500);
    await page.getByRole('button', { name: 'List' }).click();
    await page.getByRole('button', { name: 'Put away Pier tote' }).first().click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('is back')).toBeVisible();
    expect(loud).toEqual([]);
});

test('a value that cannot be is said at its field, the drawing stays, and mending it goes on', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await measureSwatch(page);
    await planBag(page);
    const drawing = page.locator('[data-region="drawing"]');
    const height = page.getByLabel('Height');
    await height.fill('a bit higher');
    await expect(page.locator('#size-height-wrong')).toContainText('“a bit higher” was not understood');
    await expect(height).toHaveAttribute('aria-invalid', 'true');
    await expect(page.locator('[data-stale]')).toBeVisible();
    await expect(drawing).toContainText('chain: 16');
    await expect(height).toHaveValue('a bit higher');

    // The fault elsewhere opens its station.
    await height.fill('26 cm');
    await expect(page.locator('[data-stale]')).toBeHidden();
    await page.locator('[data-station="5"] > summary').click();
    await page.getByLabel('Stitches to skip').fill('9');
    await page.getByLabel('Chains over them').fill('2');
    await expect(page.locator('#handles-chain-wrong')).toContainText('would pull the edge in');
    await page.getByLabel('Chains over them').fill('');
    await expect(page.locator('#handles-chain-wrong')).toBeEmpty();

    // With the network away nothing is claimed to be kept; the next change sends all of it.
    await page.context().setOffline(true);
    await page.getByLabel('Stitches to skip').fill('8');
    await expect(page.locator('[data-saved]')).toContainText('Not kept: the network is away');
    await page.context().setOffline(false);
    await page.getByLabel('Chains over them').fill('12');
    await expect(page.locator('[data-region="station-handles"]')).toHaveText('slots, ch 12 over 8');
    await page.reload();
    await expect(page.locator('[data-region="station-handles"]')).toHaveText('slots, ch 12 over 8');
});

test('fast typing ends with the last value drawn', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await measureSwatch(page);
    await planBag(page);
    await page.getByLabel('Base length').fill('');
    await page.getByLabel('Base length').pressSequentially('41 cm', { delay: 60 });
    await expect(page.getByRole('group', { name: 'Base, drawn' })).toContainText('chain: 26');
    await page.reload();
    await expect(page.getByLabel('Base length')).toHaveValue('41 cm');
});

test('an answer still under way says nothing of what was typed after it', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await measureSwatch(page);
    await planBag(page);
    // The first change is answered late; the second must neither be called kept by that, nor overtake it.
    let under = 0;
    let together = 0;
    const saidKept = [];
    await page.route('**/bags/*', async (route) => {
        if (route.request().method() !== 'POST') {
            return route.continue();
        }
        together = Math.max(together, ++under);
        const response = await route.fetch();
        await new Promise((resolve) => setTimeout(resolve, 1200));
        saidKept.push(await page.locator('[data-saved]').textContent());
        under--;
        return route.fulfill({ response });
    });
    const first = page.waitForRequest((request) => request.method() === 'POST');
    await page.getByLabel('Base length').fill('36');
    await first;
    const second = page.waitForRequest((request) => request.method() === 'POST');
    await page.getByLabel('Base length').fill('41');
    await second;
    await expect(page.locator('[data-saved]')).toHaveText('drawing…');
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    expect(together).toBe(1);
    expect(saidKept).toEqual(['drawing…', 'drawing…']);
    await page.reload();
    await expect(page.getByLabel('Base length')).toHaveValue('41 cm');
});

test('a fifty megabyte file is refused before and after it is sent', async ({ page }, testInfo) => {
    await register(page);
    await page.goto('/bags/import');
    const huge = { name: 'huge.json', mimeType: 'application/json', buffer: Buffer.alloc(49 * 1024 * 1024, 'x') };
    const onDisk = testInfo.outputPath(huge.name);
    await writeFile(onDisk, huge.buffer);
    await page.getByLabel('File').setInputFiles(onDisk);
    await expect(page.locator('#file-wrong')).toContainText('up to 256 KB');
    await rm(onDisk);
    const token = await page.locator('input[name="_token"]').first().inputValue();
    const answer = await page.request.post('/bags/import', { multipart: { _token: token, file: huge } });
    expect(answer.status()).toBe(413);
    expect(await answer.text()).toContain('A bag file is at most 256 KB');
    // Past what the server takes at all, the same page.
    const endless = { name: 'endless.json', mimeType: 'application/json', buffer: Buffer.alloc(66 * 1024 * 1024, 'x') };
    const refused = await page.request.post('/bags/import', { multipart: { _token: token, file: endless } });
    expect(refused.status()).toBe(413);
    expect(await refused.text()).toContain('A bag file is at most 256 KB');
});

test('two pages of one bag: what does not meet is merged, what meets is told and either is kept', async ({
    page,
    context,
}) => {
    await register(page);
    await weighCord(page);
    await measureSwatch(page);
    await planBag(page);
    const other = await context.newPage();
    await other.goto(page.url());
    await page.getByLabel('Base length').fill('36');
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await page.getByRole('textbox', { name: 'Height' }).fill('20');
    await expect(page.locator('[data-region="station-size"]')).toContainText('20.0');
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await other.getByLabel('Base width').fill('15');
    await expect(other.getByLabel('Base length')).toHaveValue('36 cm');
    await expect(other.locator('[data-met]')).toBeEmpty();
    await other.getByRole('textbox', { name: 'Height' }).fill('31');
    await expect(other.locator('[data-saved]')).toHaveText('kept just now');
    await page.getByRole('textbox', { name: 'Height' }).fill('25');
    await expect(page.locator('[data-met]')).toContainText('yours 25 cm, theirs 31 cm');
    await page.getByRole('button', { name: 'Keep mine: 25 cm' }).click();
    await expect(page.getByText('Yours is kept')).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'Height' })).toHaveValue('25 cm');
    await expect(page.getByLabel('Base width')).toHaveValue('15 cm');
});

test('while the shelf is away for a moment what is typed goes off by itself when it is back', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await measureSwatch(page);
    await planBag(page);
    let times = 0;
    await page.route(/\/bags\/\d+$/, (route) => {
        if (route.request().method() !== 'POST' || ++times > 2) {
            return route.fallback();
        }

        return route.fulfill({ status: 503, headers: { 'Retry-After': '1' }, json: { message: 'away' } });
    });
    await page.getByLabel('Base length').fill('41 cm');
    await expect(page.locator('[data-saved]')).toContainText('asked again');
    await expect(page.locator('[data-saved]')).toContainText('kept just now', { timeout: 15_000 });
    expect(times).toBe(3);
    await page.unroute(/\/bags\/\d+$/);
    await page.reload();
    await expect(page.getByLabel('Base length')).toHaveValue('41 cm');
});
