interface Answer {
  faults?: Record<string, string>;
}

/** Sends the form without leaving the page. Without this it works too: then the answer is a page. */
export function sendInPlace(): void {
  document.addEventListener('submit', (event) => {
    const form = (event.target as Element).closest<HTMLFormElement>('[data-enquiry]');
    if (!form) return;
    event.preventDefault();
    void send(form);
  });
}

async function send(form: HTMLFormElement): Promise<void> {
  const button = form.querySelector<HTMLButtonElement>('.send');
  const submission = form.elements.namedItem('submission') as HTMLInputElement;
  submission.value ||= crypto.randomUUID ? crypto.randomUUID() : String(Math.random()).slice(2);
  if (button) button.disabled = true;
  show(form, '.unsent', false);
  try {
    const answer = await fetch(form.action, {
      method: 'POST',
      headers: { Accept: 'application/json' },
      body: new URLSearchParams(new FormData(form) as unknown as Record<string, string>)
    });
    const first = point(form, ((await answer.json()) as Answer).faults ?? {});
    if (answer.ok) {
      form.classList.add('is-sent');
      show(form, '.sent', true)?.scrollIntoView({ block: 'nearest' });
    } else if (first) {
      first.focus();
    } else {
      form.submit();
    }
  } catch {
    // Leaving for the browser's error page would lose what was written.
    show(form, '.unsent', true)?.scrollIntoView({ block: 'nearest' });
  } finally {
    if (button) button.disabled = false;
  }
}

function show(form: HTMLElement, place: string, shown: boolean): HTMLElement | null {
  const element = form.querySelector<HTMLElement>(place);
  if (element) element.hidden = !shown;
  return element;
}

/** Points at what is wrong, and gives the first field that is. */
function point(form: HTMLFormElement, faults: Record<string, string>): HTMLElement | undefined {
  let first: HTMLElement | undefined;
  for (const place of form.querySelectorAll<HTMLElement>('.fld')) {
    const fault = faults[place.dataset['field'] ?? ''];
    const says = place.querySelector<HTMLElement>('.fault');
    const field = place.querySelector<HTMLElement>('input, select, textarea');
    if (!says || !field) continue;
    says.hidden = !fault;
    says.textContent = fault ?? '';
    place.classList.toggle('bad', !!fault);
    if (fault) {
      field.setAttribute('aria-invalid', 'true');
      field.setAttribute('aria-describedby', says.id);
      first ??= field;
    } else {
      field.removeAttribute('aria-invalid');
      field.removeAttribute('aria-describedby');
    }
  }
  return first;
}
