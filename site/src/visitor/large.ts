/** A picture that leads to itself at full size opens in its place. Without this the link leads to the picture. */
export function openLarge(): void {
  document.addEventListener('click', (event) => {
    const link = (event.target as Element).closest<HTMLAnchorElement>('a[data-large]');
    if (
      !link ||
      event.ctrlKey ||
      event.metaKey ||
      event.shiftKey ||
      !('showModal' in HTMLDialogElement.prototype)
    )
      return;
    event.preventDefault();
    show(link);
  });
}

function show(link: HTMLAnchorElement): void {
  const small = link.querySelector('img');
  const dialog = document.createElement('dialog');
  dialog.className = 'large';
  dialog.setAttribute('aria-label', small?.alt || link.dataset['large'] || '');
  const picture = document.createElement('img');
  picture.src = link.href;
  picture.alt = small?.alt ?? '';
  const close = document.createElement('button');
  close.type = 'button';
  close.textContent = link.dataset['large'] ?? '';
  dialog.append(picture, close);
  // Anywhere closes it, Escape too; the cursor goes back to the picture that was pressed.
  dialog.addEventListener('click', () => dialog.close());
  dialog.addEventListener('close', () => {
    dialog.remove();
    link.focus();
  });
  document.body.append(dialog);
  dialog.showModal();
}
