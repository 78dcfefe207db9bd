/** One thing that is wrong with a request, and where: a dotted path into the body. */
export interface FieldError {
  readonly path: string;
  readonly message: string;
}

/** RFC 9457 problem details, with the errors of single fields. */
export interface Problem {
  readonly type: 'about:blank';
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly errors: readonly FieldError[];
  /** The time here, where a time was refused. */
  readonly serverTime?: string;
}

export const PROBLEM_TITLES: Readonly<Record<number, string>> = {
  400: 'The request was not understood',
  403: 'Not from here',
  404: 'Not found',
  405: 'Not possible here',
  409: 'It is there already, with other content',
  410: 'Erased',
  413: 'Too large',
  422: 'Understood, but not possible',
  500: 'Something failed here',
  503: 'Not just now',
  507: 'No room',
};

/** A refusal on its way to the answer. */
export class ProblemError extends Error {
  constructor(
    readonly status: number,
    readonly detail: string,
    readonly errors: readonly FieldError[] = [],
    private readonly options: ErrorOptions & { readonly serverTime?: string } = {},
  ) {
    super(detail, options);
    this.name = 'ProblemError';
  }

  get serverTime(): string | undefined {
    return this.options.serverTime;
  }
}

/** A refusal that was told, to be told again. */
export const refusalOf = ({ status, detail, errors, serverTime }: Problem): ProblemError =>
  new ProblemError(status, detail, errors, serverTime === undefined ? {} : { serverTime });

export const problemOf = ({ status, detail, errors, serverTime }: ProblemError): Problem => ({
  type: 'about:blank',
  title: PROBLEM_TITLES[status] ?? 'Refused',
  status,
  detail,
  errors,
  ...(serverTime === undefined ? {} : { serverTime }),
});
