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
  // Not `disabled`: that would take the cursor away from it.
  if (button?.hasAttribute('aria-disabled')) return;
  const submission = form.elements.namedItem('submission') as HTMLInputElement;
  submission.value ||= crypto.randomUUID ? crypto.randomUUID() : String(Math.random()).slice(2);
  const heavy = tooMany(form);
  if (heavy) {
    point(form, heavy)?.focus();
    return;
  }
  button?.setAttribute('aria-disabled', 'true');
  show(form, '.unsent', false);
  sending(form, true);
  try {
    const answer = await fetch(form.action, {
      method: 'POST',
      headers: { Accept: 'application/json' },
      body: bodyOf(form)
    });
    const first = point(form, ((await answer.json()) as Answer).faults ?? {});
    if (answer.ok) {
      form.classList.add('is-sent');
      const sent = show(form, '.sent', true);
      sent?.scrollIntoView({ block: 'nearest' });
      // The button is hidden now, and the cursor was on it.
      sent?.focus({ preventScroll: true });
    } else if (first) {
      first.focus();
    } else {
      form.submit();
    }
  } catch {
    // Leaving for the browser's error page would lose what was written.
    show(form, '.unsent', true)?.scrollIntoView({ block: 'nearest' });
  } finally {
    sending(form, false);
    button?.removeAttribute('aria-disabled');
  }
}

/** Files go in parts; without any the answers alone are smaller. How long the page stood open goes with them. */
function bodyOf(form: HTMLFormElement): FormData | URLSearchParams {
  const data = new FormData(form);
  data.set('taken', String(Math.round(performance.now())));
  return form.enctype === 'multipart/form-data'
    ? data
    : new URLSearchParams(data as unknown as Record<string, string>);
}

/** What the server would say of more or heavier files than it takes, said before they are sent. */
function tooMany(form: HTMLFormElement): Record<string, string> | undefined {
  const field = form.querySelector<HTMLInputElement>('input[type=file]');
  const files = [...(field?.files ?? [])];
  const bytes = files.reduce((sum, file) => sum + file.size, 0);
  const most = (name: string) => Number(field?.dataset[name] ?? Infinity);
  if (!field || (files.length <= most('most') && bytes <= most('bytes'))) return undefined;
  return { [field.name]: document.getElementById(`${field.id}-limits`)?.textContent ?? '' };
}

/** Says that files are on their way, where there are any. */
function sending(form: HTMLFormElement, on: boolean): void {
  const place = form.querySelector<HTMLElement>('.sending');
  const chosen = form.querySelector<HTMLInputElement>('input[type=file]')?.files?.length;
  if (place) place.textContent = on && chosen ? (place.dataset['words'] ?? '') : '';
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
    const always = (field.getAttribute('aria-describedby') ?? '').replace(says.id, '').trim();
    if (fault) {
      field.setAttribute('aria-invalid', 'true');
      field.setAttribute('aria-describedby', `${always} ${says.id}`.trim());
      first ??= field;
    } else {
      field.removeAttribute('aria-invalid');
      if (always) field.setAttribute('aria-describedby', always);
      else field.removeAttribute('aria-describedby');
    }
  }
  return first;
}
