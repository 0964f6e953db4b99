import { forgetAnswers } from './table/offline';
import { api, call, type Problem, type SessionInfo } from './api/client';

/** Who is signed in; null until the server has said. */
class Session {
  info = $state.raw<SessionInfo | null>(null);
  unreachable = $state(false);

  get person() {
    return this.info?.person ?? null;
  }

  get readOnly() {
    return this.person?.role !== 'designer' && !this.keeper;
  }

  get keeper() {
    return this.person?.role === 'keeper';
  }

  async refresh() {
    const { data } = await call(api.GET('/api/session'));
    this.unreachable = !data;
    if (data) {
      this.info = data;
    }
  }

  async signIn(name: string, password: string): Promise<Problem | null> {
    const { problem } = await call(api.POST('/api/session', { body: { name, password } }));
    if (!problem) {
      await this.refresh();
    }
    return problem ?? null;
  }

  async makeFirstAccount(code: string, name: string, password: string): Promise<Problem | null> {
    const { problem } = await call(api.POST('/api/first-account', { body: { code, name, password } }));
    if (!problem) {
      await this.refresh();
    }
    return problem ?? null;
  }

  async signOut() {
    await call(api.DELETE('/api/session'));
    await forgetAnswers();
    await this.refresh();
  }
}

export const session = new Session();
