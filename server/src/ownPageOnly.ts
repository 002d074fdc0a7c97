import type { RequestHandler } from 'express';
import { refuse } from './refuse';

/** Names by which this machine calls itself. */
const loopbackNames: ReadonlySet<string> = new Set(['localhost', '127.0.0.1', '[::1]']);

const nameIn = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

/**
 * Lets in only pages that this server has served: another site in the same browser can neither
 * listen nor command, and a name that was pointed at this machine from outside is not ours.
 */
export const ownPageOnly: RequestHandler = (request, response, next) => {
  const host = request.get('Host') ?? '';
  const origin = request.get('Origin');
  const site = request.get('Sec-Fetch-Site');
  const isOurs =
    loopbackNames.has(nameIn(host)) &&
    (origin === undefined || origin === `http://${host}`) &&
    (site === undefined || site === 'same-origin' || site === 'none');
  if (isOurs) next();
  else refuse(response, 403, 'foreign-page');
};
