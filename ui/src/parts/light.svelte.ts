/** Day, night, or as the machine says. Kept in this browser. */
export type Light = 'machine' | 'light' | 'dark';

const KEY = 'ostium-light';

class LightChoice {
  choice = $state<Light>(read());

  set(choice: Light): void {
    this.choice = choice;
    try {
      localStorage.setItem(KEY, choice);
    } catch {
      // Without storage the choice lasts as long as the page.
    }
    this.apply();
  }

  apply(): void {
    const root = document.documentElement;
    if (this.choice === 'machine') root.removeAttribute('data-mode');
    else root.setAttribute('data-mode', this.choice);
  }
}

function read(): Light {
  try {
    const kept = localStorage.getItem(KEY);
    return kept === 'light' || kept === 'dark' ? kept : 'machine';
  } catch {
    return 'machine';
  }
}

export const light = new LightChoice();
