import { chromium, expect, test } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inspect, measureSwatch, planBag, register, toteOnPlan, weighCord } from './maker.js';

/** A tote on Plan; then its Work. */
async function atWork(page) {
    await toteOnPlan(page);
    await page.getByRole('link', { name: 'Work', exact: true }).click();
    await expect(page.locator('[data-row]')).toHaveText('Round 1');
}

/** Opens one of the sheets over the bench. */
async function pane(page, name) {
    await page.getByRole('button', { name, exact: true }).click();
    await expect(page.locator('dialog[open]')).toBeVisible();
}

/** Lines of the log as the server has them. */
async function lines(page) {
    const csv = await (await page.request.get(`${new URL(page.url()).pathname}.csv`)).text();

    return csv.trim().split('\n').slice(1);
}

test('a whole bag from the first chain to the edge, on a phone', async ({ page }) => {
    await atWork(page);
    await page.setViewportSize({ width: 390, height: 844 });
    const row = page.locator('[data-row]');
    const go = page.locator('[data-go]');
    const ask = page.locator('[data-ask]');
    await inspect(page, 'work, phone');
    await expect(page.locator('[data-does]')).toContainText('Chain 23, loosely');
    // The bag grows beside it: the row in hand is lit, what is done is in its colour.
    const lit = page.locator('[data-grows] .hand');
    await expect(lit).toHaveAttribute('data-to', '0');
    await go.click();
    await expect(row).toHaveText('Round 2');
    await expect(lit).toHaveAttribute('data-to', '1');
    await expect(page.locator('[data-grows] .done')).toHaveCount(1);
    // The count at the end of the first: it is right.
    await expect(ask).toContainText('48 at the end of Round 1?');
    await ask.getByRole('button', { name: 'Yes' }).click();
    await expect(ask).toBeHidden();
    // The second is two short: where to look, what it costs, and how it is mended.
    await go.click();
    await ask.getByRole('textbox').fill('54');
    await ask.getByRole('button', { name: 'I count this' }).click();
    await expect(ask).toContainText('2 too few');
    await expect(ask).toContainText('Ripping back');
    await expect(ask).toContainText('put two in one');
    await inspect(page, 'a wrong count, phone');
    await ask.getByRole('button', { name: 'I mend it so' }).click();
    await expect(page.locator('[data-heed]')).toContainText('Mend it here. Put two in one');
    // Smaller steps, and one too many taken back.
    await pane(page, 'More');
    await inspect(page, 'more, phone');
    await page.getByLabel('a stitch', { exact: true }).check();
    // Back closes the sheet and stays on the page.
    await page.goBack();
    await expect(page.locator('dialog[open]')).toHaveCount(0);
    await page.keyboard.press('Space');
    await page.keyboard.press('Space');
    await expect(page.locator('[data-whole]')).toContainText('2 of 56');
    await page.keyboard.press('ArrowLeft');
    await expect(page.locator('[data-whole]')).toContainText('1 of 56');
    await pane(page, 'More');
    await page.getByLabel('a row').check();
    await page.keyboard.press('Escape');
    for (let round = 3; round <= 8; round++) {
        await expect(row).toHaveText(`Round ${round}`);
        await go.click();
        if (round === 6) {
            // Counted and taped after the same row: the tape is asked for once the count is right.
            await ask.getByRole('button', { name: 'Yes' }).click();
            await expect(ask).toContainText('Lay the tape on it. How high does it stand after Round 6?');
            await ask.getByRole('button', { name: 'Not now' }).click();
            await expect(ask).toBeHidden();
        }
    }
    // Every stitch of the row in hand is a mark; she asks for fewer counts.
    const marks = (name) =>
        page.locator(`[data-tally] path.${name}`).evaluate((path) => path.getAttribute('d').split('M').length - 1);
    expect([await marks('done'), await marks('now'), await marks('todo')]).toEqual([0, 1, 55]);
    await pane(page, 'More');
    await page.getByLabel('Ask for counts').selectOption('none');
    await page.getByRole('button', { name: 'Close' }).click();
    await expect(page.locator('[data-kept]')).toHaveText('kept, sent ✓');
    // The scale: it knows after which row; what it refuses is said where it was typed, which is still there.
    await pane(page, 'Weigh');
    await expect(page.locator('dialog[open]')).toContainText(
        'All that is left of cord for this bag, the work hanging beside the scale, after Round 8.',
    );
    await page.getByLabel('It weighs').fill('banana');
    await page.getByRole('button', { name: 'Enter it' }).click();
    await expect(page.locator('dialog[open] .wrong')).toContainText('“banana” was not understood');
    await expect(page.getByLabel('It weighs')).toHaveValue('banana');
    await inspect(page, 'a refused weight, phone');
    await page.getByLabel('It weighs').fill('640');
    await page.getByRole('button', { name: 'Enter it' }).click();
    await expect(page.locator('[data-told]')).toContainText('640 g left after Round 8');
    await expect(page.locator('dialog[open]')).toHaveCount(0);
    await expect(page.locator('[data-strand="0"] [data-of="left"]')).toHaveText('640 g');
    // The tape proposes in its sheet, and it is taken.
    await pane(page, 'Measure');
    await page.getByLabel('By the tape it stands, high').fill('a hand');
    await page.getByRole('button', { name: 'What does that change?' }).click();
    await expect(page.locator('dialog[open] .wrong')).toContainText('“a hand”');
    await page.getByLabel('By the tape it stands, high').fill('8,5');
    await page.getByRole('button', { name: 'What does that change?' }).click();
    await expect(page.locator('dialog[open] .proposal')).toContainText('% higher than planned');
    await inspect(page, 'a proposal, phone');
    await page.getByRole('button', { name: 'Take it' }).click();
    await expect(page.locator('[data-told]')).toContainText('planned anew');
    await expect(row).toHaveText('Round 9');
    // A strand that ends: said where it was. Of the ball that goes on nothing is known.
    await pane(page, 'New ball');
    await page.getByRole('button', { name: 'It is used up' }).click();
    await expect(page.locator('[data-told]')).toContainText('used up in Round 9');
    await expect(page.locator('[data-strand="0"]')).toContainText('weigh it');
    for (let tap = 0; tap < 30 && !(await go.isDisabled()); tap++) {
        await go.click();
    }
    await expect(row).toHaveText('All rows are done');
    await expect(page.locator('[data-kept]')).toHaveText('kept, sent ✓');
    const log = await lines(page);
    expect(log.filter((line) => line.includes(',used-up,'))).toHaveLength(1);
    expect(log.filter((line) => line.includes(',mends,'))).toHaveLength(1);
    expect(log.filter((line) => line.includes(',counted,')).length).toBeGreaterThanOrEqual(2);
    await page.goto('/');
    await expect(page.getByRole('link', { name: /Go on: Pier tote/ })).toBeVisible();
});

test('five hundred taps without a network survive the tab and the browser', { tag: '@slow' }, async ({ baseURL }) => {
    const home = mkdtempSync(join(tmpdir(), 'fescue-browser-'));
    const open = async () => {
        const context = await chromium.launchPersistentContext(home, {
            executablePath: '/usr/bin/chromium',
            args: ['--no-sandbox', '--disable-gpu'],
            baseURL,
            viewport: { width: 390, height: 844 },
        });

        return [context, context.pages()[0] ?? (await context.newPage())];
    };
    let [context, page] = await open();
    await atWork(page);
    const address = page.url();
    await page.evaluate(() => navigator.serviceWorker.ready);
    // Once more, so that its keeper has the page and its parts.
    await page.reload();
    await expect(page.locator('[data-kept]')).toHaveText('kept, sent ✓');
    await pane(page, 'More');
    await page.getByLabel('a stitch', { exact: true }).check();
    await page.keyboard.press('Escape');
    await expect(page.locator('dialog[open]')).toHaveCount(0);
    await expect(page.locator('[data-go]')).toBeFocused();
    await context.setOffline(true);
    for (let tap = 0; tap < 250; tap++) {
        await page.keyboard.press('Space');
    }
    await expect(page.locator('[data-kept]')).toHaveText('kept on this device, 250 to send');
    // The tab is gone, and comes back from what is kept here.
    await page.close();
    page = await context.newPage();
    await page.goto(address);
    await expect(page.locator('[data-kept]')).toHaveText('kept on this device, 250 to send');
    for (let tap = 0; tap < 250; tap++) {
        await page.keyboard.press('Space');
    }
    await expect(page.locator('[data-kept]')).toHaveText('kept on this device, 500 to send');
    const place = await page.locator('[data-whole]').textContent();
    // The browser is gone; the network is back.
    await context.close();
    [context, page] = await open();
    await page.goto(address);
    await expect(page.locator('[data-kept]')).toHaveText('kept, sent ✓');
    expect(await lines(page)).toHaveLength(500);
    await expect(page.locator('[data-whole]')).toHaveText(place);
    await context.close();
    rmSync(home, { recursive: true, force: true });
});

test('what is foretold follows each row, and a count stays with its row', async ({ page, context }) => {
    await atWork(page);
    const go = page.locator('[data-go]');
    const left = page.locator('[data-strand="0"] [data-of="left"]');
    const seen = [];
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.reload();
    await context.setOffline(true);
    for (let row = 0; row < 6; row++) {
        seen.push([await left.textContent(), await page.locator('[data-strand="0"] [data-of="come"]').textContent()]);
        await go.click();
    }
    const grams = seen.map(([text]) => Number.parseInt(text, 10));
    expect(grams, 'it falls at every row, without a network').toEqual(
        [...new Set(grams)].sort((one, other) => other - one),
    );
    await context.setOffline(false);
    await expect(page.locator('[data-kept]')).toHaveText('kept, sent ✓');
    // Loaded anew at each of those rows it says the same.
    for (let row = 5; row >= 3; row--) {
        await page.locator('[data-back]').click();
        await expect(page.locator('[data-kept]')).toHaveText('kept, sent ✓');
        await page.reload();
        expect([
            await left.textContent(),
            await page.locator('[data-strand="0"] [data-of="come"]').textContent(),
        ]).toEqual(seen[row]);
    }
    // Round 3 is done; its question, left open, goes with the next tap, and one asked for is of the row done last.
    await page.getByRole('button', { name: 'Count', exact: true }).click();
    await page.locator('dialog[open]').getByRole('textbox').fill('some');
    await page.getByRole('button', { name: 'I count this' }).click();
    await expect(page.locator('dialog[open] .wrong')).toContainText('as a whole number');
    await page.locator('dialog[open]').getByRole('textbox').fill('54');
    await page.getByRole('button', { name: 'I count this' }).click();
    await expect(page.locator('dialog[open]')).toContainText('2 too few at the end of Round 3');
    await expect(page.locator('dialog[open]')).not.toContainText('turn');
    await page.getByRole('button', { name: 'I mend it so' }).click();
    await expect(page.locator('[data-heed]')).toContainText('Mend it here. Put two in one 2 times');
    await expect(page.locator('[data-kept]')).toHaveText('kept, sent ✓');
    const log = await lines(page);
    expect(log.filter((line) => line.includes(',mends,'))[0]).toContain('Round 3');
    expect(log.filter((line) => line.includes(',counted,'))[0]).toContain('Round 3');
});

test('two devices: the one that is behind is told, and says which is right', async ({ page, browser }) => {
    await atWork(page);
    const state = await page.context().storageState();
    const other = await (await browser.newContext({ storageState: state })).newPage();
    await other.goto(page.url());
    await expect(other.locator('[data-row]')).toHaveText('Round 1');
    for (let tap = 0; tap < 4; tap++) {
        await other.locator('[data-go]').click();
    }
    await expect(other.locator('[data-kept]')).toHaveText('kept, sent ✓');
    await page.locator('[data-go]').click();
    await expect(page.locator('[data-ask]')).toContainText('Another device went on to Round 5');
    await page.getByRole('button', { name: 'That one is right' }).click();
    await expect(page.locator('[data-row]')).toHaveText('Round 5');
    await expect(page.locator('[data-kept]')).toHaveText('kept, sent ✓');
    expect(await lines(page)).toHaveLength(5);
    await other.context().close();
});

test('another maker on this device does not open what one left there, and nothing of hers is lost', async ({
    page,
    context,
}) => {
    await atWork(page);
    const address = page.url();
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.reload();
    await expect(page.locator('[data-kept]')).toHaveText('kept, sent ✓');
    const email = await page.evaluate(() => document.querySelector('meta[name="maker"]').content);
    expect(email).toMatch(/^[0-9a-f]{32}$/);
    // Taps that are not sent; then her visit ends by itself.
    await context.setOffline(true);
    await page.locator('[data-go]').click();
    await page.locator('[data-go]').click();
    await expect(page.locator('[data-kept]')).toContainText('2 to send');
    await page.close();
    const cookies = await context.cookies();
    await context.setOffline(false);
    const other = await context.newPage();
    // What was still on its way when her page closed may bring her visit back: until it is over.
    await expect(async () => {
        await context.clearCookies();
        await other.goto('/register');
        await expect(other.getByLabel('Password again')).toBeVisible({ timeout: 2000 });
    }).toPass();
    await register(other);
    await other.evaluate(() => navigator.serviceWorker.ready);
    await context.setOffline(true);
    await expect(other.goto(address)).rejects.toThrow(/ERR_INTERNET_DISCONNECTED|ERR_FAILED/);
    await expect(other.locator('body')).not.toContainText('Pier tote');
    // Online it is not there for her, and stays hers whose it is.
    await context.setOffline(false);
    expect((await other.goto(address)).status()).toBe(404);
    await context.setOffline(true);
    await expect(other.goto(address)).rejects.toThrow(/ERR_INTERNET_DISCONNECTED|ERR_FAILED/);
    await context.setOffline(false);
    await context.clearCookies();
    await context.addCookies(cookies);
    await other.goto(address);
    await expect(other.locator('[data-row]')).toHaveText('Round 3');
    await expect(other.locator('[data-kept]')).toHaveText('kept, sent ✓');
    expect(await lines(other)).toHaveLength(2);
});

test.describe('without a script', () => {
    test.use({ javaScriptEnabled: false });

    test('work is a checklist by plain forms', async ({ page }) => {
        await register(page);
        await weighCord(page);
        await measureSwatch(page);
        await planBag(page);
        await page.getByRole('link', { name: 'Work', exact: true }).click();
        await page.getByRole('button', { name: 'round 1 done' }).click();
        await page.getByRole('button', { name: 'round 2 done' }).click();
        await page.getByRole('button', { name: 'a row back' }).click();
        await expect(page.getByRole('button', { name: 'round 2 done' })).toBeVisible();
        await expect(page.locator('.checklist .done')).toHaveCount(1);
    });
});
