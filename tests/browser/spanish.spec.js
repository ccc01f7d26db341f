import { expect, test } from '@playwright/test';
import en from 'dictionary-en';
import es from 'dictionary-es';
import nspell from 'nspell';

import { expectNoSpill, inspect } from './maker.js';

test.use({ locale: 'es-ES' });

const english = nspell(en);
const spanish = nspell(es);
/** Names, units and what both tongues write alike, which the Spanish list lacks. */
const EXCEPT = new Set(['fescue', 'cm', 'ft', 'in', 'kb', 'mb', 'mm', 'txt', 'yd', 'zip']);

/** Words of a page that an English list has and a Spanish one has not; what is marked as another tongue's is left. */
async function foreign(page) {
    const text = await page.evaluate(() => {
        const copy = document.documentElement.cloneNode(true);
        for (const one of copy.querySelectorAll(
            'script, style, noscript, code, [lang]:not([lang^="es"]), [data-hers]',
        )) {
            one.remove();
        }
        const told = [...copy.querySelectorAll('[aria-label], [placeholder], [title]')].flatMap((one) =>
            ['aria-label', 'placeholder', 'title'].map((name) => one.getAttribute(name) ?? ''),
        );

        return [copy.textContent, ...told].join('\n');
    });
    const words = new Set(text.match(/\p{L}{2,}/gu).map((word) => word.toLowerCase()));

    return [...words].filter((word) => !EXCEPT.has(word) && english.correct(word) && !spanish.correct(word));
}

async function isWhole(page) {
    await expect(page.locator('html')).toHaveAttribute('lang', 'es');
    await expect(page.locator('.untold')).toHaveCount(0);
    expect(await foreign(page), page.url()).toEqual([]);
    await inspect(page, page.url());
    for (const width of [390, 1280]) {
        await page.setViewportSize({ width, height: 844 });
        await expectNoSpill(page, page.url());
    }
}

test('a stranger whose browser asks for Spanish begins, counts, registers and comes in, in Spanish', async ({
    page,
}) => {
    await page.goto('/begin');
    await isWhole(page);
    await page.getByLabel('Alto').fill('30 varas');
    await expect(page.getByText('«varas» no es una unidad de longitud')).toBeVisible();
    await isWhole(page);
    await page.getByLabel('Alto').fill('30 cm');
    await expect(page.locator('[data-wrong="height"]')).toHaveText('');

    await page.getByRole('link', { name: 'Tengo un patrón: contarlo' }).click();
    await page
        .getByLabel('El patrón, tal como está escrito')
        .fill('V1: 6 pb en anillo mágico (6)\nV2: 2 pb en los 4 p sig (12)');
    await expect(page.getByText('sobran 2 puntos')).toBeVisible();
    await isWhole(page);
    await page.getByRole('button', { name: 'Escribe 6 en vez de 4' }).click();
    await page
        .getByLabel('El patrón, tal como está escrito')
        .fill('V1: 6 pb en anillo mágico (6)\nV2: 2 pb en los 6 p sig (12)');
    await expect(page.getByText('Todo sale: 2 vueltas.')).toBeVisible();

    await page.goto('/register');
    await isWhole(page);
    await page.getByRole('button', { name: 'Registrarse' }).click();
    const address = `ines-${Date.now()}@muelle.example`;
    await page.getByLabel('Nombre').fill('Inés');
    await page.getByLabel('Correo electrónico').fill(address);
    await page.getByLabel('Contraseña', { exact: true }).fill('barca');
    await expect(page.getByText('Faltan 7.')).toBeVisible();
    await page.getByLabel('Contraseña', { exact: true }).fill('cuatro barcas azules lejos');
    await page.getByLabel('Contraseña otra vez').fill('cuatro barcas azules');
    await page.getByRole('button', { name: 'Registrarse' }).click();
    await expect(page.getByText('Las dos contraseñas no son iguales')).toBeVisible();
    await isWhole(page);
    await page.getByLabel('Contraseña', { exact: true }).fill('cuatro barcas azules lejos');
    await page.getByLabel('Contraseña otra vez').fill('cuatro barcas azules lejos');
    await page.getByRole('button', { name: 'Registrarse' }).click();
    await expect(page.getByText('Falta un paso')).toBeVisible();
    await isWhole(page);
    await page.getByLabel('Contraseña').fill('cuatro barcas azules lejos');
    await page.getByRole('button', { name: 'Entrar' }).click();
    await expect(page.getByText('Te damos la bienvenida, Inés.')).toBeVisible();
    await isWhole(page);
    await page.goto('/account/parcel');
    await isWhole(page);

    await page.goto('/account');
    await isWhole(page);
    // One press in the foot, and all of it is told otherwise; another, and it is as before.
    await page.getByRole('button', { name: 'English, UK names' }).click();
    await expect(page.getByRole('heading', { name: 'Your account', exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'Español' }).click();
    await expect(page.getByRole('heading', { name: 'Tu cuenta', exact: true })).toBeVisible();
    // What is not told in it yet says so, and is marked as what it is.
    await page.goto('/stash');
    await expect(page.getByText('Parte de esta página está solo en inglés por ahora.')).toBeVisible();
    await expect(page.locator('main')).toHaveAttribute('lang', 'en');
});
