/*
 * Lives in the preview only. The editor tells it what has changed, in messages of schema 1:
 *   refresh                          the page as a whole, fetched and swapped in where it stands
 *   text { id, tree }                words as they are typed, before the server has them
 *   replace { pages, html }          sections as the server draws them, those that changed with their HTML
 *   select { section, text, file }   what is chosen in the editor, and the page it stands on
 * It tells the editor: ready, select { section, text }, and drawn once typed words stand.
 */
(() => {
  let running = false;
  let again = false;
  // A page that was gone to from another page of the preview remembers, by the name of its window, who opened the first.
  const from = document.referrer ? new URL(document.referrer).origin : '';
  if (from && from !== location.origin) window.name = from;
  const editor = window.name.startsWith('http') ? window.name : '';
  const tell = (message) => editor && window.parent.postMessage({ schema: 1, ...message }, editor);
  const file = location.pathname.split('/').pop() || 'index.html';
  const changed = () => {
    document.querySelectorAll('.nav.pages a').forEach((link) => {
      if (link.getAttribute('href') === file) link.setAttribute('aria-current', 'page');
      else link.removeAttribute('aria-current');
    });
    document.dispatchEvent(new Event('page-changed'));
  };
  let chosen = '';

  const mark = () => {
    document.querySelectorAll('.is-chosen').forEach((each) => each.classList.remove('is-chosen'));
    if (chosen) document.querySelector(`[data-section="${CSS.escape(chosen)}"]`)?.classList.add('is-chosen');
  };

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
      // House, letters, corners and motion stand there.
      document.documentElement.className = next.documentElement.className;
      const top = document.scrollingElement.scrollTop;
      document.body.replaceChildren(...next.body.childNodes);
      document.scrollingElement.scrollTop = top;
      mark();
      changed();
    } finally {
      running = false;
      if (again) {
        again = false;
        refresh();
      }
    }
  };

  // Words are built as nodes, never read as HTML.
  const inside = (nodes) =>
    nodes.map((node) => {
      if (node.kind === 'words') return document.createTextNode(node.value);
      if (node.kind === 'fact') return document.createTextNode(node.says || '');
      const element = document.createElement({ strong: 'strong', emphasis: 'em', link: 'a' }[node.kind] || 'span');
      if (node.kind === 'link') element.setAttribute('href', '#');
      element.append(...inside(node.inside));
      return element;
    });

  const blocks = (tree) =>
    tree.map((block) => {
      if (block.kind === 'list') {
        const list = document.createElement('ul');
        list.append(
          ...block.entries.map((entry) => {
            const item = document.createElement('li');
            item.append(...inside(entry.inside));
            return item;
          })
        );
        return list;
      }
      const paragraph = document.createElement('p');
      paragraph.dir = 'auto';
      paragraph.append(...inside(block.inside));
      return paragraph;
    });

  const lines = (tree) =>
    tree.flatMap((block, index) => [
      ...(index ? [document.createElement('br')] : []),
      ...inside(block.inside || [])
    ]);

  const type = (id, tree) => {
    document.querySelectorAll(`[data-text="${CSS.escape(id)}"]`).forEach((place) => {
      place.replaceChildren(...(place.localName === 'span' ? lines(tree) : blocks(tree)));
    });
  };

  const replace = (pages, html) => {
    const order = pages.find((page) => page.file === file)?.order.map(String);
    if (!order) {
      location.replace('index.html');
      return;
    }
    const head = document.querySelector('header[data-section]');
    const foot = document.querySelector('footer[data-section]');
    const main = document.getElementById('main');
    const place = (id) => document.querySelector(`[data-section="${CSS.escape(id)}"]`);
    document.querySelectorAll('main [data-section]').forEach((section) => {
      if (!order.includes(section.dataset.section)) section.remove();
    });
    let last = null;
    for (const id of order) {
      if (html[id] !== undefined) {
        const next = new DOMParser().parseFromString(html[id], 'text/html').body.children;
        document.querySelectorAll(`[data-part="${CSS.escape(id)}"]`).forEach((part) => part.remove());
        const old = place(id);
        if (old) old.replaceWith(...next);
        else main.append(...next);
      }
      const section = place(id);
      if (!section || section === head || section.localName === 'header') continue;
      if (section === foot || section.localName === 'footer') continue;
      if (last ? last.nextElementSibling !== section : main.firstElementChild !== section) {
        if (last) last.after(section);
        else main.prepend(section);
      }
      last = section;
    }
    mark();
    changed();
  };

  const select = (section, text, on) => {
    chosen = section || '';
    // Only a name: the words of a message never become an address.
    if (on && on !== file && /^[a-z0-9-]+\.html$/.test(on)) {
      location.assign(`${on}#at=${encodeURIComponent(chosen)},${encodeURIComponent(text || '')}`);
      return;
    }
    mark();
    const place =
      (text && document.querySelector(`[data-text="${CSS.escape(text)}"]`)) ||
      (chosen && document.querySelector(`[data-section="${CSS.escape(chosen)}"]`));
    if (!place) return;
    const range = document.createRange();
    range.selectNodeContents(place);
    const box = range.getBoundingClientRect();
    if (box.top < 0 || box.top > innerHeight - 120) {
      const calm = matchMedia('(prefers-reduced-motion: reduce)').matches;
      window.scrollTo({ top: scrollY + box.top - 80, behavior: calm ? 'auto' : 'smooth' });
    }
  };

  window.addEventListener('message', (event) => {
    if (event.source !== window.parent || event.origin !== editor) return;
    const message = event.data;
    if (!message || message.schema !== 1) return;
    if (message.type === 'refresh') refresh();
    if (message.type === 'text' && Array.isArray(message.tree)) {
      type(String(message.id), message.tree);
      tell({ type: 'drawn' });
    }
    if (message.type === 'replace' && Array.isArray(message.pages)) replace(message.pages, message.html || {});
    if (message.type === 'select') select(message.section, message.text, message.file);
  });
  document.addEventListener('submit', (event) => event.preventDefault(), true);
  document.addEventListener(
    'click',
    (event) => {
      const link = event.target.closest('a[href]');
      if (link && !/^(#|[a-z0-9-]+\.html(#|$))/.test(link.getAttribute('href'))) event.preventDefault();
      const section = event.target.closest('[data-section]');
      if (section) {
        // A press beside the words of a heading means the heading.
        const within = event.target === section ? [] : event.target.querySelectorAll('[data-text]');
        const text = event.target.closest('[data-text]') || (within.length === 1 ? within[0] : null);
        chosen = section.dataset.section;
        mark();
        tell({ type: 'select', section: chosen, text: text ? text.dataset.text : '' });
      }
    },
    true
  );
  // Another page of the site was opened to show what is chosen on it.
  const at = /^#at=([^,]*),(.*)$/.exec(location.hash);
  if (at) select(decodeURIComponent(at[1]), decodeURIComponent(at[2]), '');
  tell({ type: 'ready' });
})();
