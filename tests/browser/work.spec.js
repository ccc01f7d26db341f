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
    await go.click();
    await expect(row).toHaveText('Round 2');
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
    await page.getByText('Counting, tape, scale, look').click();
    await page.getByLabel('a stitch', { exact: true }).check();
    await page.keyboard.press('Space');
    await page.keyboard.press('Space');
    await expect(page.locator('[data-whole]')).toContainText('2 of 56');
    await page.keyboard.press('ArrowLeft');
    await expect(page.locator('[data-whole]')).toContainText('1 of 56');
    await page.getByLabel('a row').check();
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
    const marks = (name) => page.locator(`[data-tally] path.${name}`).evaluate((path) => path.getAttribute('d').split('M').length - 1);
    expect([await marks('done'), await marks('now'), await marks('todo')]).toEqual([0, 1, 55]);
    await page.getByLabel('Ask for counts').selectOption('none');
    await expect(page.locator('[data-kept]')).toHaveText('kept, sent ✓');
    // The scale, in two presses: it knows after which row.
    await page.getByLabel('On the scale is left').fill('640');
    await page.getByRole('button', { name: 'After Round 8' }).click();
    await expect(page.locator('[data-told]')).toContainText('640 g left after Round 8');
    // The tape proposes, and it is taken.
    await page.getByText('Counting, tape, scale, look').click();
    await page.getByLabel('By the tape it stands, high').fill('8,5');
    await page.getByRole('button', { name: 'What then?' }).click();
    await page.getByText('Counting, tape, scale, look').click();
    await expect(page.locator('.proposal')).toContainText('% higher than planned');
    await page.getByRole('button', { name: 'Take it' }).click();
    await expect(page.locator('[data-told]')).toContainText('planned anew');
    await expect(row).toHaveText('Round 9');
    // A strand that ends: said where it was.
    await page.getByText('Counting, tape, scale, look').click();
    await page.getByRole('button', { name: 'So it is used up' }).click();
    await expect(page.locator('[data-told]')).toContainText('used up there');
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

test('five hundred taps without a network survive the tab and the browser', async ({ baseURL }) => {
    const home = mkdtempSync(join(tmpdir(), 'fescue-browser-'));
    const open = async () => {
        const context = await chromium.launchPersistentContext(home, {
            executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'], baseURL, viewport: { width: 390, height: 844 },
        });

        return [context, context.pages()[0] ?? await context.newPage()];
    };
    let [context, page] = await open();
    await atWork(page);
    const address = page.url();
    await page.evaluate(() => navigator.serviceWorker.ready);
    // Once more, so that its keeper has the page and its parts.
    await page.reload();
    await expect(page.locator('[data-kept]')).toHaveText('kept, sent ✓');
    await page.getByText('Counting, tape, scale, look').click();
    await page.getByLabel('a stitch', { exact: true }).check();
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
