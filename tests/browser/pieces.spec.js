import { expect, test } from '@playwright/test';
import { inspect, register } from './maker.js';

async function begin(page, kind) {
    await page.goto('/begin');
    await page.locator('.way-tile', { hasText: kind }).click();
    // The answer is the new kind's before it is kept.
    await expect(page.locator('[data-region="answer"]')).toContainText('closed');
    await page.getByRole('button', { name: 'Keep and see the whole plan' }).click();
    await expect(page.getByText('Kept. Change anything')).toBeVisible();
}

test('an envelope is begun, its pieces move with its size, and it is folded step by step', async ({ page }) => {
    await register(page);
    await begin(page, 'one long panel');
    const drawing = page.getByRole('group', { name: 'Pieces, drawn' });
    await expect(drawing).toContainText('Left gusset');
    await expect(page.locator('[data-region="tally"]')).toContainText('3 pieces, 6 seams');
    await page.getByLabel('Wide', { exact: true }).fill('20');
    await page.getByLabel('High', { exact: true }).fill('14');
    await page.getByLabel('Deep', { exact: true }).fill('6');
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await expect(page.locator('[data-region="station-size"]')).toContainText('20.0 × 6.0 × 14.0 cm');
    await expect(page.locator('[data-region="tally"]')).toContainText('closed');
    // A flap too long is told at its field, and what was typed is still there.
    await page.locator('[data-station="3"] > summary').click();
    await page.locator('[data-way="envelope"]').getByLabel('Rows of the flap').fill('90');
    await expect(page.locator('[data-way="envelope"] [data-wrong="build.flap"]')).toContainText(
        'reaches past the front',
    );
    await expect(page.locator('[data-way="envelope"]').getByLabel('Rows of the flap')).toHaveValue('90');
    await page.locator('[data-way="envelope"]').getByLabel('Rows of the flap').fill('');
    await expect(page.locator('[data-way="envelope"] [data-wrong="build.flap"]')).toBeEmpty();
    // One step after another, by the keys.
    const slider = page.getByLabel('Step');
    await slider.focus();
    await page.keyboard.press('End');
    await expect(page.locator('.stepper output')).toHaveText('4 of 4');
    await expect(page.locator('.strip li', { hasText: 'flap over' })).toBeVisible();
    await expect(page.locator('.strip li', { hasText: 'the pieces, flat' })).toBeHidden();
    await page.keyboard.press('Home');
    await expect(page.locator('.strip li', { hasText: 'the pieces, flat' })).toBeVisible();
    await expect(page.locator('[data-saved]')).toHaveText('kept just now');
    await inspect(page, 'a bag of pieces');
    await page.getByRole('link', { name: 'Words' }).click();
    const words = page.locator('.pattern');
    await expect(words).toContainText('Left gusset, Right gusset (make 2)');
    await expect(words).toContainText('Panel and left gusset together');
    await inspect(page, 'a bag of pieces, in words');
});

test('another way of pieces is chosen on Plan, and tabs are counted, at phone width too', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await register(page);
    await begin(page, 'panel, net, panel');
    await expect(page.getByRole('group', { name: 'Pieces, drawn' })).toContainText('picked up');
    await page.locator('[data-station="3"] > summary').click();
    await page.getByText('joined to a net that folds').click();
    const tabs = page.locator('[data-way="tabs"]');
    await tabs.getByLabel('Rows of tabs in a square').fill('7');
    await tabs.getByLabel('Tabs across a square').fill('11');
    await tabs.getByLabel('From tab to tab').fill('16 × 25 mm');
    await tabs.getByLabel('Squares of each row of the net').fill('2, 4, 5, 4, 3');
    await expect(tabs.locator('[data-wrong="build.net"]')).toContainText('Without a partner');
    await tabs.getByLabel('Squares of each row of the net').fill('2, 4, 5, 4, 2');
    await expect(page.locator('[data-region="tally"]')).toContainText('1\u202f309 tabs, 77 a square, 187 to bend');
    await expect(page.locator('[data-region="tally"]')).toContainText('wear gloves');
    await inspect(page, 'tab squares, phone');
});

test.describe('without a script', () => {
    test.use({ javaScriptEnabled: false });

    test('the pieces go together in a strip of pictures', async ({ page }) => {
        await page.goto('/begin/plan?bag=panels');
        await expect(page.locator('.strip li')).toHaveCount(3);
        await expect(page.locator('.stepper')).toBeHidden();
        await expect(page.locator('.pattern')).toContainText('Front panel, Back panel (make 2)');
    });
});
