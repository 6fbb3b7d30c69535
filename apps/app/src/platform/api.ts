import { createApi } from './api-client';
import { clock } from './clock';

/** The line this page speaks through. */
export const api = createApi((...args) => fetch(...args), clock.heard);
