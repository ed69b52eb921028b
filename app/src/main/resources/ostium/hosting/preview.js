/* Lives in the preview only. The editor says when the page has changed; it is fetched and swapped in where it stands. */
(() => {
  let running = false;
  let again = false;

  const refresh = async () => {
    if (running) {
      again = true;
      return;
    }
    running = true;
    try {
      const answer = await fetch(location.pathname, { cache: 'no-store' });
      if (!answer.ok) return;
      const next = new DOMParser().parseFromString(await answer.text(), 'text/html');
      const sheet = document.querySelector('link[rel=stylesheet]');
      const nextSheet = next.querySelector('link[rel=stylesheet]');
      if (sheet.getAttribute('href') !== nextSheet.getAttribute('href')) {
        const link = document.importNode(nextSheet, true);
        await new Promise((done) => {
          link.onload = link.onerror = done;
          sheet.after(link);
        });
        sheet.remove();
      }
      document.title = next.title;
      const top = document.scrollingElement.scrollTop;
      document.body.replaceChildren(...next.body.childNodes);
      document.scrollingElement.scrollTop = top;
    } finally {
      running = false;
      if (again) {
        again = false;
        refresh();
      }
    }
  };

  const editor = document.referrer ? new URL(document.referrer).origin : '';
  window.addEventListener('message', (event) => {
    if (event.source !== window.parent || event.origin !== editor) return;
    if (event.data && event.data.schema === 1 && event.data.type === 'refresh') refresh();
  });
  document.addEventListener('submit', (event) => event.preventDefault(), true);
  document.addEventListener('click', (event) => {
    const link = event.target.closest('a[href]');
    if (link && !link.getAttribute('href').startsWith('#')) event.preventDefault();
  }, true);
})();
