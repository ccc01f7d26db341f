/** What could not be taken is sent once more by itself, when the page says so. */
const form = document.querySelector('[data-again]');
window.setTimeout(() => form.requestSubmit(), 1000 * Number(form.dataset.again));
form.addEventListener('submit', () => {
    form.querySelector('button').disabled = true;
});
