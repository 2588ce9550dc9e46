/** A painter who is signed in on this machine's server; no other one is put under load. */
export class Painter {
  cookies = new Map();

  constructor(url) {
    if (!['127.0.0.1', 'localhost', '[::1]'].includes(new URL(url).hostname)) {
      throw new Error('The load is for a server on this machine only.');
    }
    this.url = url;
  }

  static async signedIn(url, email, password) {
    const painter = new Painter(url);
    await painter.ask('GET', 'session');
    painter.team = (await painter.json('POST', 'session', { email, password })).teamId;

    return painter;
  }

  /** A team of one's own. */
  static async founding(url, team) {
    const painter = new Painter(url);
    await painter.ask('GET', 'session');
    const email = `${crypto.randomUUID()}@example.org`;
    painter.team = (
      await painter.json('POST', 'teams', { team, name: 'Ines', email, password: 'salt-marsh-and-lantern' })
    ).teamId;

    return painter;
  }

  /** @param body an object, or text or bytes that are sent as they are */
  async ask(method, path, body) {
    const answer = await fetch(`${this.url}/api/${path}`, {
      method,
      headers: {
        Accept: 'application/json',
        'Content-Type': body instanceof Uint8Array ? 'application/zip' : 'application/json',
        // As a browser names its team: the server gives each its turns.
        ...(this.team === undefined ? {} : { 'X-Team': this.team }),
        Cookie: [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; '),
        'X-XSRF-TOKEN': decodeURIComponent(this.cookies.get('XSRF-TOKEN') ?? ''),
      },
      ...(body === undefined
        ? {}
        : { body: typeof body === 'string' || body instanceof Uint8Array ? body : JSON.stringify(body) }),
    });
    for (const cookie of answer.headers.getSetCookie()) {
      const [name, value] = cookie.split(';')[0].split('=');
      this.cookies.set(name, value);
    }

    return { status: answer.status, text: await answer.text() };
  }

  async json(method, path, body) {
    const { status, text } = await this.ask(method, path, body);
    if (status >= 400) {
      throw new Error(`${method} ${path}: ${status} ${text.slice(0, 200)}`);
    }

    return JSON.parse(text);
  }
}
