import type { JsonSchema } from './convertSchema.mjs';

/** What a route takes and answers. */
export interface Operation {
  readonly summary: string;
  readonly body?: string;
  /** Schema of the answer, by status. */
  readonly answers: Readonly<Record<number, string>>;
  readonly refusals: readonly number[];
  readonly query?: Readonly<Record<string, JsonSchema>>;
  /** Media type of the answer where it is not JSON; of the body where that is not. */
  readonly gives?: string;
  readonly takes?: string;
}

/** Operations by path and method. */
export type Routes = Readonly<Record<string, Readonly<Partial<Record<'get' | 'post' | 'delete', Operation>>>>>;
