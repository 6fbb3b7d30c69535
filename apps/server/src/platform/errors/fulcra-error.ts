import { type Problem } from '@fulcra/core';
import { type ErrorReply } from '@fulcra/contract';
import { type ErrorCode, ERRORS } from './registry';

interface Details {
  readonly fields?: readonly { path: string; message: string }[];
  readonly problems?: readonly Problem[];
  readonly clash?: { readonly fields: readonly string[]; readonly theirs: Readonly<Record<string, unknown>> };
}

/** The only error thrown on purpose. */
export class FulcraError extends Error {
  constructor(
    readonly code: ErrorCode,
    readonly details: Details = {},
  ) {
    super(ERRORS[code].message);
  }

  get status(): number {
    return ERRORS[this.code].status;
  }

  reply(requestId: string): ErrorReply {
    const { message, remedy } = ERRORS[this.code];
    const fields = this.details.fields?.map((f) => ({ ...f }));
    const problems = this.details.problems?.map((p) => ({ code: p.code, values: { ...p.values } }));
    const clash = this.details.clash && { fields: [...this.details.clash.fields], theirs: { ...this.details.clash.theirs } };
    return {
      error: {
        code: this.code,
        message,
        remedy,
        requestId,
        ...(fields && { fields }),
        ...(clash && { clash }),
        ...(problems && { problems }),
      },
    };
  }
}
