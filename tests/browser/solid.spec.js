import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { inspect, register } from './maker.js';

/** Between two looks at the screen, ms: alike, they are what it shows. */
const SETTLED = 200;

/** Software draws what no graphics card does. */
test.use({
    launchOptions: { executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--enable-unsafe-swiftshader'] },
});

async function begin(page) {
    await page.goto('/begin');
    await page.locator('.way-tile', { hasText: 'oval' }).first().click();
    await page.getByRole('button', { name: 'Keep and see the whole plan' }).click();
    await expect(page.getByText('Kept. Change anything')).toBeVisible();
}

/** It rests as it was asked for, drawn fine; the screen has it later, by as much as the machine is busy. */
async function seen(stage) {
    await expect(stage.locator('canvas[data-still]')).toBeVisible();
    const frame = stage.locator('[data-solid-frame]');
    let [before, shot] = ['', ''];
    do {
        before = shot;
        await stage.page().waitForTimeout(SETTLED);
        shot = createHash('sha256')
            .update(await frame.screenshot())
            .digest('hex');
    } while (shot !== before);

    return shot;
}

function becomes(stage) {
    return expect.poll(() => seen(stage), { timeout: 20_000 });
}

test('a bag stands first on Plan, is turned by drag and keys, and stays so as it is drawn anew', async ({ page }) => {
    await register(page);
    await begin(page);
    const stage = page.getByRole('group', { name: 'Standing, drawn' });
    await expect(page.locator('.workbench h2').first()).toHaveText('Standing');
    await expect(stage.locator('svg title')).toHaveText('The bag as it stands');
    const { x, y } = await stage.boundingBox();
    await page.mouse.move(x + 300, y + 300);
    await page.mouse.down();
    await page.mouse.move(x + 380, y + 320, { steps: 4 });
    await page.mouse.up();
    const dragged = await seen(stage);
    await stage.focus();
    await page.keyboard.press('ArrowLeft');
    await becomes(stage).not.toBe(dragged);
    await page.keyboard.press('ArrowRight');
    await becomes(stage).toBe(dragged);
    // What stands beside it is no choice of the bag's: nothing is sent.
    const sent = [];
    page.on('request', (request) => sent.push(request.method()));
    await stage.getByLabel('a hand').check();
    await becomes(stage).not.toBe(dragged);
    expect(sent).not.toContain('POST');
    await stage.getByLabel('a hand').uncheck();
    await becomes(stage).toBe(dragged);
    await stage.getByLabel('a hand').check();
    // Higher, and still turned as she left it, with what she put beside it.
    await page.getByLabel('Height').fill('50');
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await expect(stage.locator('canvas')).toBeVisible();
    await expect(stage.getByLabel('a hand')).toBeChecked();
    await becomes(stage).not.toBe(dragged);
    const higher = await seen(stage);
    await stage.focus();
    await page.keyboard.press('0');
    await becomes(stage).not.toBe(higher);
    // Full, its handles are pulled up: said, and seen so as it is drawn anew.
    const empty = await seen(stage);
    await stage.getByLabel('carried, full').check();
    await expect(stage.getByText('its handles pulled up to the hand')).toBeVisible();
    await becomes(stage).not.toBe(empty);
    await page.getByLabel('Height').fill('24 cm');
    await expect(page.getByText('kept just now')).toBeVisible();
    await expect(stage.getByLabel('carried, full')).toBeChecked();
    await stage.getByLabel('carried, full').uncheck();
    await expect(stage.getByText('its handles pulled up to the hand')).toBeHidden();
    const [png] = await Promise.all([
        page.waitForEvent('download'),
        stage.getByRole('button', { name: 'PNG' }).click(),
    ]);
    expect(
        readFileSync(await png.path())
            .subarray(1, 4)
            .toString(),
    ).toBe('PNG');
    const [file] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: 'Keep as glTF' }).click(),
    ]);
    expect(
        readFileSync(await file.path())
            .subarray(0, 4)
            .toString(),
    ).toBe('glTF');
    await inspect(page, 'a bag that stands');
});

test('where nothing can be turned the drawing stays, and says so', async ({ page }) => {
    await page.addInitScript(() => {
        HTMLCanvasElement.prototype.getContext = () => null;
    });
    await page.goto('/begin');
    await page.locator('.way-tile', { hasText: 'oval' }).first().click();
    await page.getByRole('link', { name: 'See the whole plan' }).click();
    const stage = page.getByRole('group', { name: 'Standing, drawn' });
    await stage.focus();
    await page.keyboard.press('ArrowLeft');
    await expect(stage.locator('[data-solid-said]')).toHaveText(
        'This browser cannot turn it; the drawing stays as it is.',
    );
    await expect(stage.locator('svg')).toBeVisible();
});

test('by thumb: sideways it turns, upward the page goes on', async ({ browser }) => {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
    await page.goto('/begin/plan?bag=oval');
    const stage = page.getByRole('group', { name: 'Standing, drawn' });
    await expect(stage).toHaveCSS('touch-action', 'pan-y');
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
    await page.close();
});
