import { execFileSync } from 'node:child_process';

import { expect, test } from '@playwright/test';
import en from 'dictionary-en';
import es from 'dictionary-es';
import nspell from 'nspell';

import { expectNoSpill, inspect, signInToDemo } from './maker.js';

test.use({ locale: 'es-ES' });

const english = nspell(en);
const spanish = nspell(es);
/** Names, units, keys and short names of stitches, which the Spanish list lacks. */
const EXCEPT = new Set('fescue cm ft in kb lb mb min mm oz txt yd zip shift intro cad pa pad pr'.split(' '));
/** "Costura AB" */
const SEAM = /^A[A-Z]$/;

/** Words of a page that an English list has and a Spanish one has not; what is marked as another tongue's is left. */
async function foreign(page, own = new Set()) {
    const text = await page.evaluate(() => {
        const copy = document.documentElement.cloneNode(true);
        // Where scripts run, what is for those without is text.
        for (const one of copy.querySelectorAll('noscript')) {
            one.outerHTML = one.textContent;
        }
        for (const one of copy.querySelectorAll('script, style, code, [lang]:not([lang^="es"])')) {
            one.remove();
        }
        const told = [...copy.querySelectorAll('[aria-label], [placeholder], [title]')].flatMap((one) =>
            ['aria-label', 'placeholder', 'title'].map((name) => one.getAttribute(name) ?? ''),
        );
        for (const one of copy.querySelectorAll('*')) {
            one.append(' ');
            one.prepend(' ');
        }

        return [copy.textContent, ...told].join('\n');
    });
    expect(text, page.url()).not.toMatch(/[{}]|plural,/);
    return strange(text, own);
}

/** What of a text an English list has and a Spanish one has not. */
function strange(text, own = new Set()) {
    const words = new Set(
        text
            .match(/\p{L}{2,}/gu)
            .filter((word) => !SEAM.test(word))
            .map((word) => word.toLowerCase()),
    );

    return [...words].filter(
        (word) => !EXCEPT.has(word) && !own.has(word) && english.correct(word) && !spanish.correct(word),
    );
}

async function isWhole(page, own) {
    await expect(page.locator('html')).toHaveAttribute('lang', 'es');
    expect(await foreign(page, own), page.url()).toEqual([]);
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

    await page.getByRole('link', { name: /Tengo un patrón/ }).click();
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
});

test('a stranger plans, works ten steps and prints, in Spanish only', async ({ page }) => {
    await registered(page);
    await page.goto('/stash/new');
    await isWhole(page);
    await page.getByLabel('Nombre').fill('Cordón del muelle');
    await page.getByLabel('Grosor', { exact: true }).fill('4');
    await page.getByLabel('Su largo').fill('1 m');
    await page.getByLabel('Lo que pesa').fill('8,2 g');
    await page.getByLabel('Lo que hay pesa').fill('900 g');
    await page.getByRole('button', { name: 'Guardar' }).click();
    await expect(page.getByRole('status')).toContainText('8,2 g/m');
    await isWhole(page);
    await page.goto('/swatches/trial');
    await page.getByText('cadenetas = 20 cm').first().waitFor();
    await page.goto('/swatches/new');
    await isWhole(page);
    await page.getByLabel('Nombre').fill('pb con 8');
    await page.getByLabel('Ganchillo').fill('8');
    await page.getByLabel('Puntos', { exact: true }).fill('10');
    await page.getByLabel('medida a lo ancho').fill('12 cm');
    await page.getByLabel('Hileras', { exact: true }).fill('10');
    await page.getByLabel('medida a lo alto').fill('11,5');
    await page.getByLabel('Esos puntos pesan').fill('79 g');
    await page.getByRole('button', { name: 'Guardar' }).click();
    await isWhole(page);
    await page.goto('/bags/new');
    await isWhole(page);
    await page.getByLabel('Nombre').fill('Bolso del muelle');
    await page.getByLabel('Largo').fill('30');
    await page.getByLabel('Ancho').fill('12 cm');
    await page.getByLabel('Alto').fill('26');
    await page.getByRole('button', { name: 'Planearlo' }).click();
    await expect(page.getByRole('heading', { name: 'Bolso del muelle' })).toBeVisible();
    await isWhole(page);

    await page.getByRole('link', { name: 'Tejer', exact: true }).click();
    await isWhole(page);
    const names = [];
    for (let step = 0; step < 10; step++) {
        names.push(await page.locator('[data-row]').textContent());
        await page.locator('[data-go]').click();
        expect(await foreign(page)).toEqual([]);
    }
    expect(names.some((name) => name.startsWith('Vuelta'))).toBe(true);
    await expect(page.locator('[data-kept]')).toHaveText('guardado y enviado ✓');

    await page.goto(page.url().replace('/work', '/words'));
    await isWhole(page);
    const pdf = page.waitForEvent('download');
    await page.getByRole('link', { name: 'PDF', exact: true }).click();
    const words = execFileSync('pdftotext', ['-layout', await (await pdf).path(), '-'], { encoding: 'utf8' });
    expect(words.toLowerCase().match(/\p{L}{2,}/gu)).toContain('vuelta');
    expect(strange(words)).toEqual([]);
});

/** What she wrote herself, by the zip of her account: names, notes, what she would do otherwise. */
function ownWords(zip) {
    const own = [];
    const gather = (value, isHers) => {
        if (typeof value === 'string' && isHers) {
            own.push(value);
        } else if (value !== null && typeof value === 'object') {
            for (const [key, one] of Object.entries(value)) {
                gather(
                    typeof one === 'string' && /^[[{]/.test(one) ? JSON.parse(one) : one,
                    isHers || ['name', 'note', 'care', 'otherwise', 'email'].includes(key),
                );
            }
        }
    };
    for (const line of execFileSync('unzip', ['-p', zip, 'account.json', 'data/*.jsonl'], { encoding: 'utf8' })
        .split('\n')
        .filter((one) => one.startsWith('{'))) {
        try {
            gather(JSON.parse(line), false);
        } catch {
            // account.json is set over several lines, and says nothing of hers but her name.
        }
    }

    return new Set(
        own
            .join(' ')
            .toLowerCase()
            .match(/\p{L}{2,}/gu),
    );
}

test('every page of a maker of every demo bag is told in Spanish', { tag: '@slow' }, async ({ page, browser }) => {
    test.setTimeout(900_000);
    const demo = await (await browser.newContext({ locale: 'en-US' })).newPage();
    await signInToDemo(demo);
    await demo.goto('/account/parcel');
    await demo.getByRole('button', { name: 'Put it together' }).click();
    const [zip] = await Promise.all([
        demo.waitForEvent('download'),
        demo.getByRole('link', { name: 'Keep the zip' }).click(),
    ]);
    const path = await zip.path();
    const own = ownWords(path);
    await registered(page);
    await page.goto('/account/parcel');
    await page.getByLabel('El zip').setInputFiles(path);
    await page.getByRole('button', { name: 'Leerlo' }).click();
    await expect(page.getByRole('status')).toContainText('bolsos');
    // The zip brings its maker's tongue, too.
    await page.goto('/account');
    await page.getByRole('button', { name: 'Español' }).click();

    const seen = new Set();
    const queue = ['/', '/stash', '/swatches', '/bags', '/cutting', '/account', '/bags/shopping', '/bags/log'];
    const wrong = [];
    const perKind = new Map();
    while (queue.length > 0) {
        const at = queue.shift();
        if (seen.has(at)) {
            continue;
        }
        seen.add(at);
        expect((await page.goto(at)).status(), at).toBe(200);
        wrong.push(...(await foreign(page, own)).map((word) => `${at}: ${word}`));
        await page.setViewportSize({ width: 390, height: 844 });
        await expectNoSpill(page, at);
        await page.setViewportSize({ width: 1280, height: 800 });
        // Of one kind of page axe looks at three.
        const kind = at.replaceAll(/\d+/g, 'n').replaceAll(/=[^&]*/g, '=');
        perKind.set(kind, (perKind.get(kind) ?? 0) + 1);
        if (perKind.get(kind) <= 3) {
            await inspect(page, at);
        }
        const links = await page.locator('a[href]').evaluateAll((all) =>
            all
                .map((one) => new URL(one.href))
                .filter(({ origin }) => origin === location.origin)
                .map(({ pathname, search }) => pathname + search),
        );
        queue.push(
            ...links.filter(
                (one) =>
                    !/\.(csv|svg|pdf|json|txt|zip|png|glb)|export|terms=|\/given/.test(one) &&
                    !(/\?/.test(one) && (perKind.get(one.replaceAll(/\d+/g, 'n').replaceAll(/=[^&]*/g, '=')) ?? 0) > 5),
            ),
        );
    }
    expect(wrong).toEqual([]);
    expect(seen.size).toBeGreaterThan(200);
});

async function registered(page) {
    const address = `ines-${process.pid}-${Date.now()}@muelle.example`;
    await page.goto('/register');
    await page.getByLabel('Nombre').fill('Inés');
    await page.getByLabel('Correo electrónico').fill(address);
    await page.getByLabel('Contraseña', { exact: true }).fill('cuatro barcas azules lejos');
    await page.getByLabel('Contraseña otra vez').fill('cuatro barcas azules lejos');
    await page.getByRole('button', { name: 'Registrarse' }).click();
    await page.getByLabel('Contraseña').fill('cuatro barcas azules lejos');
    await page.getByRole('button', { name: 'Entrar' }).click();
    await expect(page.getByText('Te damos la bienvenida, Inés.')).toBeVisible();
}
