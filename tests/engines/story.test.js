import assert from 'node:assert/strict';
import test from 'node:test';

import { firefox, network, webkit } from './engines.js';

// Makers' phones run WebKit, and some machines Firefox: the start, Plan, Work without a network, and print go there.
for (const open of [webkit, firefox]) {
    test(`the story in ${open.name}`, { timeout: 240_000 }, async () => {
        const net = await network(process.env.FESCUE_URL);
        const maker = await open(net.address);
        try {
            await start(maker);
            await register(maker);
            const bag = await keep(maker);
            await plan(maker, bag);
            await work(maker, bag, net);
            await print(maker, bag);
        } finally {
            await maker.close();
            await net.shut().catch(() => {});
        }
    });
}

async function start(maker) {
    await maker.go('/');
    await maker.says('h1', /\w/);
    await maker.until('kinds are drawn', async () =>
        maker.run(`() => document.querySelectorAll('.way-tile svg').length > 5`),
    );
    const before = await maker.run(`() => document.querySelector('[data-region="answer"]').textContent`);
    await maker.type('[name="length"]', '44');
    await maker.until('the answer follows', async () =>
        maker.run(`(was) => document.querySelector('[data-region="answer"]').textContent !== was`, before),
    );
}

async function register(maker) {
    const email = `engine-${process.pid}-${Date.now()}@pier.example`;
    await maker.go('/register');
    await maker.type('[name="name"]', 'Ilse');
    await maker.type('[name="email"]', email);
    await maker.type('[name="password"]', 'a long password');
    await maker.type('[name="password_confirmation"]', 'a long password');
    await maker.press('main form button.btn-primary');
    await maker.until('it asks to sign in', async () => maker.run(`() => location.pathname === '/sign-in'`));
    await maker.run(`(email) => { document.querySelector('[name="email"]').value = email; }`, email);
    await maker.type('[name="password"]', 'a long password');
    await maker.press('main form button.btn-primary');
    await maker.until('she is in', async () => maker.run(`() => location.pathname === '/'`));
}

/** A bag as the start plans it, kept. */
async function keep(maker) {
    await maker.go('/begin?bag=oval');
    await maker.press('form[action$="/begin"] button');
    await maker.until('the bag has its Plan', async () =>
        maker.run(`() => /^\\/bags\\/\\d+$/.test(location.pathname)`),
    );

    return maker.run(`() => location.pathname`);
}

async function plan(maker, bag) {
    await maker.go(bag);
    await maker.until('the bag stands', async () =>
        maker.run(
            `() => document.querySelector('[data-region="solid"] canvas, [data-solid] canvas, .solid svg') !== null`,
        ),
    );
    await maker.press('[data-station="4"] > summary');
    await maker.type('[name="body[rounds]"]', '9');
    await maker.says('[data-region="station-body"]', '9 rounds');
    await maker.says('[data-saved]', 'kept just now');
}

/** Taps without a network are kept on the device over a page opened anew, and sent when it is back. */
async function work(maker, bag, net) {
    await maker.go(`${bag}/work`);
    await maker.says('[data-row]', /\w/);
    const first = await maker.run(`() => document.querySelector('[data-row]').textContent`);
    await maker.press('[data-go]');
    await maker.until('the next row', async () =>
        maker.run(`(was) => document.querySelector('[data-row]').textContent !== was`, first),
    );
    await maker.says('[data-kept]', 'kept, sent ✓');
    await maker.run(`() => navigator.serviceWorker.ready.then(() => true)`);
    await maker.go(`${bag}/work`);
    await maker.says('[data-kept]', 'kept, sent ✓');
    await maker.until('a keeper has the page', async () =>
        maker.run(`() => navigator.serviceWorker.controller !== null`),
    );
    await maker.run(`() => { const one = document.querySelector('[name="grain"][value="stitch"]'); one.checked = true;
        one.dispatchEvent(new Event('change', { bubbles: true })); }`);
    await net.shut();
    for (let tap = 0; tap < 12; tap++) {
        await maker.press('[data-go]');
    }
    await maker.says('[data-kept]', 'kept on this device, 12 to send');
    await maker.go(`${bag}/work`);
    await maker.says('[data-kept]', 'kept on this device, 12 to send');
    const place = await maker.run(`() => document.querySelector('[data-whole]').textContent`);
    await net.open();
    await maker.go(`${bag}/work`);
    await maker.says('[data-kept]', 'kept, sent ✓');
    assert.equal(await maker.run(`() => document.querySelector('[data-whole]').textContent`), place);
}

async function print(maker, bag) {
    await maker.go(`${bag}/words`);
    await maker.says('.pattern', 'Chain');
    await maker.run(`() => { window.print = () => { document.title = 'printed'; }; }`);
    await maker.press('[data-print]');
    await maker.until('it prints', async () => maker.run(`() => document.title === 'printed'`));
}
