import { api, problemOf, type Problem, type Session } from './api/client';
import { lastKnown } from './keeping/browserStore';

/** When nobody is signed in. */
export const NOBODY: Session = { name: null, email: null, confirmed: false };

/** Who is signed in, for the whole interface. */
class SignedIn {
  current = $state<Session>(NOBODY);
  known = $state(false);

  async load(): Promise<void> {
    const { data } = await api.GET('/api/session');
    if (data) this.set(data);
  }

  get isIn(): boolean {
    return this.current.email !== null;
  }

  set(session: Session): void {
    this.current = session;
    this.known = true;
  }

  /** Makes an account if nobody is signed in; what is wrong with it, or nothing. */
  async signUpIfNobody(account: { name: string; email: string; password: string }): Promise<Problem | null> {
    if (this.isIn) return null;
    const { data, error, response } = await api.POST('/api/accounts', { body: account });
    if (!data) return problemOf(error, response);
    this.set(data);
    return null;
  }

  async signOut(): Promise<void> {
    await api.DELETE('/api/session');
    await lastKnown.clear();
    this.current = NOBODY;
  }
}

export const session = new SignedIn();
