import createClient from 'openapi-fetch';
import type { paths } from '../core/api';

/** The server, typed by its API document. */
export const api = createClient<paths>({ baseUrl: '/' });
