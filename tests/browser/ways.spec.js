import { expect, test } from '@playwright/test';
import { rounds, toteOnPlan } from './maker.js';

test('another base, fabric and handle are chosen on Plan, and the words are read in another tongue', async ({
    page,
}) => {
    await toteOnPlan(page);
    const base = page.locator('[data-region="station-base"]');
    await page.locator('[data-station="3"] > summary').click();
    await page.getByText('to and fro, then around').click();
    await expect(base).toContainText('rows, sc, 25 across');
    await expect(page.getByRole('textbox', { name: 'Chains to start' })).toBeHidden();
    await page.getByRole('textbox', { name: 'Chains to work into' }).fill('31');
    await page.getByRole('textbox', { name: 'Rows of base' }).fill('6');
    await expect(base).toContainText('rows, sc, 31 across, 6 rows');
    await expect(page.locator('[data-region="drawing"]')).toContainText('round 1: 74');
    // A corner of four is none: said at the field, and mended there.
    await page.getByLabel('Stitches at a corner').fill('4');
    await expect(page.locator('#base-corner-rows-wrong')).not.toBeEmpty();
    await page.getByLabel('Stitches at a corner').fill('');
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await page.locator('[data-station="4"] > summary').click();
    await page.getByLabel('Stitch', { exact: true }).selectOption({ label: 'two in one, skip one (two in one)' });
    await page.locator('[data-station="5"] > summary').click();
    await page.getByText('a long handle each side').click();
    await expect(page.locator('[data-region="station-handles"]')).toContainText('chain, ch 50 over 13');
    await expect(page.locator('[data-region="tally"]')).toContainText('A handle lies');
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await page.reload();
    await page.locator('[data-station="5"] > summary').click();
    await expect(page.getByLabel('Chains of a handle')).toBeVisible();
    await expect(page.getByLabel('Chains over them')).toBeHidden();
    await page.getByRole('link', { name: 'Words' }).click();
    const said = await rounds(page);
    expect(said.find((line) => line.startsWith('Rows 2–6'))).toContain('Ch 1, turn, sc in each st across.');
    expect(said.some((line) => line.includes('(sc, dc) in next st, sk next st'))).toBe(true);
    await page.getByRole('link', { name: 'Español' }).click();
    await expect(page.locator('.words li', { hasText: 'H 2–6' }).first()).toBeVisible();
    expect((await rounds(page)).find((line) => line.startsWith('H 2–6'))).toContain(
        '1 cad, girar, pb en cada p de la hilera.',
    );
});

test('a change on Plan is taken back and done again, by button and by key, on another device too', async ({
    page,
    browser,
}) => {
    await toteOnPlan(page);
    const kept = page.locator('[data-saved]');
    const height = page.getByRole('textbox', { name: 'Height' });
    await page.locator('[data-station="1"] > summary').click();
    await page.waitForTimeout(3100);
    await height.fill('');
    await height.pressSequentially('20 cm', { delay: 220 });
    await expect(kept).toHaveText('kept just now');
    await page.waitForTimeout(3100);
    // By the arrow keys through the handles: the one she stops at is the change, and one step.
    await page.locator('[data-station="5"] > summary').click();
    const handles = page.locator('[data-region="station-handles"]');
    const was = await handles.textContent();
    await page.locator('input[name="handles[type]"]:checked').focus();
    for (let press = 0; press < 3; press++) {
        await page.keyboard.press('ArrowDown');
        await page.waitForTimeout(200);
        await expect(handles).toHaveText(was);
    }
    await expect(kept).toHaveText('kept just now');
    await expect(handles).not.toHaveText(was);
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('status').filter({ hasText: 'Undone: handles.' })).toBeVisible();
    await expect(handles).toHaveText(was);
    // The station that was open is open; in a text field the key is the browser's own.
    await expect(page.locator('details[data-station="5"]')).toHaveAttribute('open', '');
    const other = await (await browser.newContext({ storageState: await page.context().storageState() })).newPage();
    await other.goto(page.url());
    await other.getByRole('button', { name: 'Undo: height' }).click();
    await expect(other.locator('#size-height')).toHaveValue('26 cm');
    await other.keyboard.press('Control+Shift+Z');
    await expect(other.locator('#size-height')).toHaveValue('20 cm');
    await other.locator('#size-height').press('Control+z');
    await expect(other.locator('#size-height')).toHaveValue('20 cm');
    await other.context().close();
});

test('a fabric that does not divide is mended with one press, by its start or by a plain round', async ({ page }) => {
    await toteOnPlan(page);
    await page.getByLabel('Stitch', { exact: true }).selectOption({ label: 'fans of five (fans)' });
    await expect(page.locator('[data-wrong="body.stitch"]')).toContainText('6 stitches');
    await page
        .getByRole('button', { name: /^Begin with \d+ starting chains$/ })
        .first()
        .click();
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await expect(page.locator('[data-region="station-body"]')).toContainText('fans');
    await expect(page.locator('.ways-out')).toHaveCount(0);
    await page.locator('[data-station="3"] > summary').click();
    await page.getByRole('textbox', { name: 'Chains to start' }).fill('22');
    await page.getByRole('button', { name: 'A plain round first' }).click();
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await page.getByRole('link', { name: 'Words' }).click();
    expect((await rounds(page)).some((line) => line.includes('5 dc in next st, sk next 2 sts'))).toBe(true);
});
