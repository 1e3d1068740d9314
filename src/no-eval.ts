import { z } from 'zod';

/**
 * Our page's policy forbids making code from text. Told so, Zod does not even try; its schemas ask when they
 * are made, so the app and each worker import this before anything else.
 */
z.config({ jitless: true });
