import { IntlMessageFormat } from 'intl-messageformat';

/** What pages in another tongue bring along: each message of the scripts, by its English. */
const brought = globalThis.document?.querySelector('[data-messages]')?.textContent;
const messages = brought ? JSON.parse(brought) : {};
const made = new Map();

/**
 * A message as her page is told: in English it is its own key, in ICU's format.
 *
 * @param {string} message
 * @param {Object<string, string|number>} values by their names in it
 */
export function tell(message, values = {}) {
    if (!made.has(message)) {
        const locale = globalThis.document?.documentElement?.lang || 'en';
        made.set(message, new IntlMessageFormat(messages[message] ?? message, locale));
    }

    return made.get(message).format(values);
}
