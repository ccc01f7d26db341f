import { expect, test } from '@playwright/test';
import { inspect, register, signInAsRegistered, weighCord } from './maker.js';

test('a stranger has figures in three touches, a drawn plan in four, and keeps it by registering', async ({ page }) => {
    await page.goto('/');
    const answer = page.locator('[data-region="answer"]');
    await page.locator('.strands').getByText('T-shirt yarn').click();
    await expect(page.getByLabel('Yours')).toHaveValue('8 mm');
    await page.getByText('10 mm', { exact: true }).click();
    await expect(page.getByLabel('Yours')).toHaveValue('10 mm');
    const before = await answer.textContent();
    await page.locator('.way-tile', { hasText: 'Bought base' }).click();
    await expect(answer).not.toHaveText(before);
    await expect(answer).toContainText('holes');
    await page.getByRole('link', { name: 'See the whole plan' }).click();
    await expect(page.locator('.pattern')).toContainText('Draw up a loop from the outside');
    await expect(page.getByRole('group', { name: 'Side, drawn' }).locator('svg')).toBeVisible();
    await page.getByRole('link', { name: 'Register and keep it' }).click();
    await page.getByLabel('Name').fill('Ilse');
    await page.getByLabel('Email').fill(`begin-${process.pid}-${Date.now()}@pier.example`);
    await page.getByLabel('Password', { exact: true }).fill('a long password');
    await page.getByLabel('Password again').fill('a long password');
    await page.getByRole('button', { name: 'Register' }).click();
    await signInAsRegistered(page);
    await expect(page.getByText('Your bag is kept')).toBeVisible();
    await expect(page.locator('[data-region="station-base"]')).toContainText('ready-made');
    await expect(page.locator('[data-region="tally"]')).toContainText('Sew each tongue');
});

test('the start follows size and hook as they are typed, says what is wrong at its field, and fits a phone', async ({
    page,
}) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto('/');
    const answer = page.locator('[data-region="answer"]');
    await page.getByLabel('Long', { exact: true }).fill('44');
    await expect(answer).toContainText(/5\d\.\d ×\s+2\d/);
    await page.getByLabel('High').fill('four');
    await expect(page.locator('[data-wrong="height"]')).not.toBeEmpty();
    await expect(page.getByLabel('High')).toHaveValue('four');
    await page.getByLabel('High').fill('20');
    await expect(page.locator('[data-wrong="height"]')).toBeEmpty();
    await page.getByLabel('Long', { exact: true }).fill('12');
    await page.getByLabel('Deep').fill('40');
    await expect(page.locator('[data-region="way-oval"]')).toContainText('Ask for more length or less width');
    await inspect(page, 'the start, phone');
    await page.locator('.way-tile', { hasText: 'a bucket' }).click();
    await page.getByRole('link', { name: 'See the whole plan' }).click();
    await expect(page.locator('.pattern')).toContainText('sc in 2nd ch from hook');
    await inspect(page, 'a whole plan, phone');
});

test('what is typed draws all kinds anew, also where a kind is chosen at once; choosing alone asks for none', async ({
    page,
}) => {
    await page.goto('/');
    const asked = [];
    page.on(
        'request',
        (request) => request.url().includes('part=') && asked.push(new URL(request.url()).searchParams.get('part')),
    );
    const oval = page.locator('[data-region="way-oval"]');
    const before = await oval.innerHTML();
    await page.getByLabel('High').fill('44');
    await page.locator('.way-tile', { hasText: 'Bought base' }).click();
    await expect.poll(() => oval.innerHTML()).not.toBe(before);
    const kinds = asked.filter((part) => part === 'kinds').length;
    await page.locator('.way-tile', { hasText: 'Two frames' }).click();
    await expect(page.locator('[data-region="answer"]')).toContainText('12 holes');
    expect(asked.filter((part) => part === 'kinds')).toHaveLength(kinds);
});

test('kinds that come while something else is typed are drawn once more', async ({ page }) => {
    await page.goto('/');
    // The first answer is at hand, and comes within the pause of what is typed meanwhile.
    let come;
    const held = new Promise((resolve) => {
        come = resolve;
    });
    let isHeld;
    const holds = new Promise((resolve) => {
        isHeld = resolve;
    });
    await page.route('**/begin?*part=kinds*', async (route) => {
        const response = await route.fetch();
        isHeld();
        await held;
        await route.fulfill({ response });
    });
    await page.getByLabel('High').fill('40');
    await holds;
    const came = page.waitForResponse(/part=kinds/);
    await page.getByLabel('Deep').fill('60');
    come();
    await came;
    await expect(page.locator('[data-region="way-oval"]')).toContainText('Ask for more length or less width');
});

test('kinds of strand are gone through by the arrows, and her own strand settles kind and thickness', async ({
    page,
}) => {
    await page.goto('/');
    await page.getByRole('radio', { name: 'cord' }).focus();
    await page.keyboard.press('ArrowRight');
    // What is held keeps its focus; all that hangs on it follows.
    await expect(page.locator('[name="kind"]:focus')).toHaveValue('ribbon');
    await expect(page.locator('[data-region="answer"]')).toContainText('g of ribbon');
    await expect(page.locator('[data-region="strand"]')).toHaveText('ribbon or tape');
    const bar = page.locator('.bars input:checked');
    await expect(page.getByLabel('Yours')).toHaveValue(await bar.getAttribute('data-thick'));
    await page.reload();
    await expect(page.getByRole('radio', { name: 'ribbon' })).toBeChecked();

    await register(page);
    await weighCord(page);
    await page.goto('/begin?kind=plarn&thick=7&hook=9');
    await page.getByLabel('From the stash').selectOption('Tarred cord');
    await expect(page.getByRole('radio', { name: 'cord' })).toBeChecked();
    await expect(page.getByLabel('Yours')).toHaveValue('4 mm');
    await expect(page.getByLabel('Hook')).toHaveValue('9');
    await expect(page.locator('[data-region="answer"]')).toContainText('from your stash');
    await page.getByLabel('Yours').fill('6');
    await expect(page.locator('[data-region="answer"]')).not.toContainText('from your stash');
    await expect(page.getByLabel('From the stash')).toHaveValue('');
});

test.describe('without a script', () => {
    test.use({ javaScriptEnabled: false });

    test('the start answers by one form', async ({ page }) => {
        await page.goto('/');
        await page.locator('.strands').getByText('plarn').click();
        await page.getByLabel('Long', { exact: true }).fill('40');
        await page.locator('.way-tile', { hasText: 'Folded chain' }).click();
        await page.getByRole('button', { name: 'Show it' }).click();
        await expect(page.locator('[data-region="answer"]')).toContainText('g of plarn');
        await page.getByRole('link', { name: 'See the whole plan' }).click();
        await expect(page.locator('.pattern')).toContainText('back along its other side');
    });
});
