import { z } from 'zod';

/** One thing wrong with untrusted input: where, and what. */
export interface Problem {
  path: string;
  message: string;
}

/** Zod's issues as `path` and `message`, the way every door of the product reports them. */
export const problemsOf = (error: z.ZodError): Problem[] =>
  error.issues.map((issue) => ({ path: issue.path.join('.') || '(whole)', message: issue.message }));
