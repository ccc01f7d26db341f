import { expect, test } from '@playwright/test';
import { measureSwatch, planBag, register, weighCord } from './maker.js';

test('a maker keeps her units, her names of stitches and her password', async ({ page, browser }) => {
    const email = await register(page);
    await weighCord(page);
    await measureSwatch(page);
    await planBag(page);
    const plan = page.url();

    await page.goto('/account');
    await page.getByLabel('Lengths in').selectOption('inches');
    await page.getByLabel('Language and stitch names').selectOption({ label: 'English, UK names' });
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByRole('status')).toHaveText('Kept.');

    // Figures and tape turn to inches, what she typed stays as she typed it, bare numbers are inches now.
    await page.goto(plan);
    await expect(page.getByRole('group', { name: 'Base, drawn' })).toContainText('in');
    await expect(page.locator('[data-region="tally"]')).toContainText('11 5/8 × 4 1/2 in');
    await expect(page.getByLabel('Base width')).toHaveValue('12 cm');
    await page.getByLabel('Base length').fill('12 1/2');
    await expect(page.locator('[data-region="station-size"]')).toHaveText('12 1/2 × 4 3/4 × 10 1/4 in');
    await expect(page.locator('[data-region="station-body"]')).toContainText('dc');

    // A new password: the other browser she was signed in on is signed out.
    const elsewhere = await (await browser.newContext()).newPage();
    await elsewhere.goto('/sign-in');
    await elsewhere.getByLabel('Email').fill(email);
    await elsewhere.getByLabel('Password').fill('a long password');
    await elsewhere.getByRole('button', { name: 'Sign in' }).click();
    await expect(elsewhere.getByText('Bags in hand')).toBeVisible();
    await page.goto('/account');
    await page.getByLabel('Present password').first().fill('a long password');
    await page.getByLabel('New password', { exact: true }).fill('quite another one');
    await page.getByLabel('New password again').fill('quite another one');
    await page.getByRole('button', { name: 'Change it' }).click();
    await expect(page.getByRole('status')).toHaveText('Your password is changed.');
    await page.goto('/bags');
    await expect(page.getByRole('heading', { name: 'Bags', exact: true })).toBeVisible();
    await elsewhere.goto('/bags');
    await expect(elsewhere).toHaveURL(/sign-in/);

    // Gone, with all of it; the address is free again.
    await page.goto('/account');
    await page.locator('#delete-password').fill('not this');
    await page.getByRole('button', { name: 'Delete everything' }).click();
    await expect(page.locator('#delete-wrong')).toContainText('not your present password');
    await page.locator('#delete-password').fill('quite another one');
    await page.getByRole('button', { name: 'Delete everything' }).click();
    await expect(page.getByRole('status')).toContainText('is gone');
    await page.goto('/sign-in');
    await page.getByLabel('Email').fill(email);
    await page.getByLabel('Password').fill('quite another one');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByText('No account has this address and password')).toBeVisible();
    await expect(page.getByLabel('Email')).toHaveValue(email);
});

test('whoever goes back after she signed out finds nothing of hers', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await page.goto('/stash');
    await expect(page.getByText('Tarred cord').first()).toBeVisible();
    await page.goto('/account');
    await page.getByRole('button', { name: 'Sign out', exact: true }).first().click();
    await expect(page.getByRole('status')).toContainText('Signed out');
    for (let back = 0; back < 2; back++) {
        await page.goBack();
        await expect(page).toHaveURL(/sign-in/);
    }
    await expect(page.getByText('Tarred cord')).toHaveCount(0);
});

test('a form left open past its visit is answered plainly', async ({ page }) => {
    await register(page);
    await page.goto('/stash/new');
    await page.getByLabel('Name').fill('Patient cord');
    await page.getByLabel('Thickness').fill('4');
    await page.getByLabel('What it weighs').fill('8 g');
    await page.context().clearCookies();
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByRole('heading', { name: 'The page waited too long' })).toBeVisible();
    await page.goBack();
    await expect(page.getByLabel('Name')).toHaveValue('Patient cord');
});

test('drawings are kept as SVG files true to scale', async ({ page }) => {
    await register(page);
    await weighCord(page);
    await measureSwatch(page);
    await planBag(page);
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Keep as SVG: Side' }).click();
    const file = await (await download).path();
    const alone = await page.context().newPage();
    const { readFile } = await import('node:fs/promises');
    await alone.setContent(await readFile(file, 'utf8').then((svg) => svg.replace(/^<\?xml.*\?>/, '')));
    // In the file the flat width is drawn at the ratio the page says.
    const ratio = Number(
        (await page.locator('.table-head', { hasText: 'Side' }).textContent()).match(/1 : ([\d.]+)/)[1],
    );
    const svg = await alone.locator('svg').boundingBox();
    const drawn = await alone.locator('path[d*="v10m0 -5h"]').boundingBox();
    expect(svg.width).toBeGreaterThan(600);
    const flat = Number((await alone.locator('text', { hasText: 'lying flat' }).textContent()).match(/([\d.]+) cm/)[1]);
    expect(drawn.width * (2.54 / 96) * ratio).toBeGreaterThan(flat * 0.97);
    expect(drawn.width * (2.54 / 96) * ratio).toBeLessThan(flat * 1.03);
});

test('a new password is told how good it is while it is typed', async ({ page }) => {
    await page.goto('/register');
    const hint = page.locator('#password-hint');
    const says = async (typed, said) => {
        await page.getByLabel('Password', { exact: true }).fill(typed);
        await expect(hint).toContainText(said);
    };
    await page.getByLabel('Name').fill('Anneke Vos');
    await page.getByLabel('Email').fill('harbourmaster@pier.example');
    await says('short', '7 more.');
    await says('anneke-1987-anneke', 'your own name');
    await says('The-HarbourMaster-1', 'your own name');
    await says('abababababababab', 'the same few letters');
    await says('slipway lantern herring oar', 'Long enough.');
    await expect(hint).toHaveText('Long enough.');
    await says('', 'four words');
    await expect(page.getByLabel('Password', { exact: true })).toHaveAccessibleDescription(/12 letters or more/);
});

test('whoever stayed signed in on this device is asked for her password before her account', async ({
    page,
    context,
}) => {
    const email = await register(page);
    await context.clearCookies();
    await page.goto('/sign-in');
    await page.getByLabel('Email').fill(email);
    await page.getByLabel('Password').fill('a long password');
    await page.getByLabel('Keep me signed in').check();
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.goto('/account');
    await expect(page.getByLabel('Lengths in')).toBeVisible();
    // Another day: the visit is over, the device is known.
    await context.clearCookies({ name: /session/ });
    await page.goto('/stash');
    await expect(page.getByRole('heading', { name: 'Stash', exact: true })).toBeVisible();
    await page.goto('/account');
    await expect(page.getByRole('heading', { name: 'Your password once more' })).toBeVisible();
    await page.getByLabel('Password').fill('not hers');
    await page.getByRole('button', { name: 'Go on' }).click();
    await expect(page.getByText('This is not your password.').first()).toBeVisible();
    await page.getByLabel('Password').fill('a long password');
    await page.getByRole('button', { name: 'Go on' }).click();
    await expect(page.getByLabel('Lengths in')).toBeVisible();
    await page.goto('/account');
    await expect(page.getByLabel('Lengths in')).toBeVisible();
});
