import { api, type Session } from './api/client';

/** Who is signed in, for the whole interface. */
class SignedIn {
  current = $state<Session>({ name: null, email: null });
  known = $state(false);

  async load(): Promise<void> {
    const { data } = await api.GET('/api/session');
    if (data) this.current = data;
    this.known = true;
  }

  get isIn(): boolean {
    return this.current.email !== null;
  }

  set(session: Session): void {
    this.current = session;
    this.known = true;
  }

  async signOut(): Promise<void> {
    await api.DELETE('/api/session');
    this.current = { name: null, email: null };
  }
}

export const session = new SignedIn();
