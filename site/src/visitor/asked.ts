/**
 * Fields that hang on an answer are shown once it is given. Without this they all are, with the answer they hang on said
 * beside them; the server knows which of them counted.
 */
export function askWhatCounts(): void {
  const look = () => document.querySelectorAll<HTMLFormElement>('[data-enquiry]').forEach(show);
  document.addEventListener('input', look);
  document.addEventListener('change', look);
  document.addEventListener('page-changed', look);
  look();
}

function show(form: HTMLFormElement): void {
  const asked: Record<string, boolean> = {};
  for (const field of form.querySelectorAll<HTMLElement>('.fld')) {
    const { field: key = '', if: hangsOn, is: answer } = field.dataset;
    const shown = hangsOn === undefined || (asked[hangsOn] !== false && answered(form, hangsOn) === answer);
    asked[key] = shown;
    field.hidden = !shown;
    field.querySelector<HTMLElement>('.only')?.toggleAttribute('hidden', true);
  }
}

function answered(form: HTMLFormElement, key: string): string {
  const field = form.elements.namedItem(key);
  return field instanceof RadioNodeList || field instanceof HTMLSelectElement ? field.value : '';
}
