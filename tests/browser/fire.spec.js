import { expect, test } from '@playwright/test';
import { execSync } from 'node:child_process';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { register, toteOnPlan, weighCord } from './maker.js';

// One after another: what one does to the server is not the other's.
test.describe.configure({ mode: 'serial' });

/** Whatever works for anybody just now is killed; the server makes new ones. */
function kill() {
    const server = readFileSync(`${process.env.FESCUE_VAR}/run/php-fpm.pid`, 'utf8').trim();
    execSync(`pkill -9 -P ${server} || true`);
}

test(
    'the server is killed under the taps of two devices: none is lost, none doubled',
    { tag: '@slow' },
    async ({ page, browser }) => {
        test.skip(!process.env.FESCUE_VAR, 'Only where the server is this test’s own.');
        await toteOnPlan(page);
        await page.getByRole('link', { name: 'Work', exact: true }).click();
        await expect(page.locator('[data-row]')).toHaveText('Round 1');
        const other = await (await browser.newContext({ storageState: await page.context().storageState() })).newPage();
        await other.goto(page.url());
        for (const one of [page, other]) {
            await one.getByRole('button', { name: 'More', exact: true }).click();
            await one.getByLabel('Ask for counts').selectOption('none');
            await one.getByLabel('a stitch', { exact: true }).check();
            await one.keyboard.press('Escape');
        }
        let tapped = 0;
        for (let round = 0; round < 8; round++) {
            for (const one of [page, other]) {
                for (let tap = 0; tap < 5; tap++) {
                    await one.keyboard.press('Space');
                    tapped++;
                }
            }
            kill();
        }
        for (const one of [page, other]) {
            await expect(one.locator('[data-kept]')).toHaveText('kept, sent ✓', { timeout: 60_000 });
        }
        const csv = await (await page.request.get(`${new URL(page.url()).pathname}.csv`)).text();
        const lines = csv.trim().split('\n').slice(1);
        expect(lines).toHaveLength(tapped);
        // Each device has half of them, and no line is there twice.
        const devices = lines.map((line) => line.split(',')[1]);
        expect([...new Set(devices)].map((one) => devices.filter((device) => device === one).length)).toEqual([
            tapped / 2,
            tapped / 2,
        ]);
        expect(new Set(lines).size).toBe(tapped);
    },
);

test('a form sent to a shut door goes off again by itself when it opens', { tag: '@slow' }, async ({ page }) => {
    test.skip(!process.env.FESCUE_VAR, 'Only where the server is this test’s own.');
    const door = `${process.env.FESCUE_VAR}/storage/framework/down`;
    await register(page);
    await weighCord(page);
    await page.getByLabel('How much').fill('3 g');
    await page.getByLabel('Note').fill('through the gap');
    try {
        writeFileSync(
            door,
            JSON.stringify({
                except: [],
                redirect: null,
                retry: 3,
                refresh: null,
                secret: null,
                status: 503,
                template: null,
            }),
        );
        await page.locator('form:has([name="amount"]) button').click();
        await expect(page.getByRole('heading', { name: 'Back in a moment' })).toBeVisible();
    } finally {
        rmSync(door, { force: true });
    }
    await expect(page.getByText('through the gap')).toBeVisible({ timeout: 20_000 });
    await expect(page.getByText('through the gap')).toHaveCount(1);
});
