import type { Refusal } from '@jubbet/protocol';
import type { Response } from 'express';

/** Refuses a request by a code: the page has the words. */
export const refuse = (response: Response, status: number, code: Refusal['code']): void => {
  const refusal: Refusal = { code };
  response.status(status).json(refusal);
};
