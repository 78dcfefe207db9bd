import { dropTyped, keepTyped, typedIn, type Typed } from './shelf';

type Texts = Readonly<Record<string, string>>;

/**
 * What is typed in the forms of a job and not written yet. It stands on the browser’s shelf from its first character: a page
 * that is put away or reloaded gives it back.
 */
export class TypedTexts {
  private readonly forms = new Map<string, Typed>();
  private readonly shown = new Map<string, number>();
  private readonly listeners = new Set<() => void>();
  private isRead = false;
  private view: {
    readonly isRead: boolean;
    readonly forms: ReadonlyMap<string, Typed>;
    readonly left: readonly Typed[];
  } | null = null;

  constructor(private readonly jobId: string) {}

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    if (!this.isRead) void this.read();
    return () => void this.listeners.delete(listener);
  };

  /** What is typed; `left`: in forms that are not shown now. */
  readonly snapshot = () =>
    (this.view ??= {
      isRead: this.isRead,
      forms: new Map(this.forms),
      left: [...this.forms.values()].filter(({ form }) => !this.shown.has(form)),
    });

  private changed(): void {
    this.view = null;
    for (const listener of this.listeners) listener();
  }

  private async read(): Promise<void> {
    // A shelf that fails is told by what is written; typed text then lives as long as the page
    const kept = await typedIn(this.jobId).catch(() => []);
    if (this.isRead) return;
    this.isRead = true;
    for (const typed of kept) if (!this.forms.has(typed.form)) this.forms.set(typed.form, typed);
    this.changed();
  }

  /** A form is shown, and gives its text back itself. @returns when it is not any more */
  show(form: string): () => void {
    const count = (by: number): void => {
      const now = (this.shown.get(form) ?? 0) + by;
      if (now === 0) this.shown.delete(form);
      else this.shown.set(form, now);
      this.changed();
    };
    count(1);
    return () => count(-1);
  }

  keep(form: string, where: string, labels: Texts, texts: Texts): void {
    const typed: Typed = { jobId: this.jobId, form, where, labels, texts };
    this.forms.set(form, typed);
    this.changed();
    keepTyped(typed).catch(() => undefined);
  }

  drop(form: string): void {
    if (!this.forms.delete(form)) return;
    this.changed();
    dropTyped(this.jobId, form).catch(() => undefined);
  }
}

const STORES = new Map<string, TypedTexts>();

/** The one store of a job’s typed texts on a page; “” for the forms of no job. */
export function typedTextsOf(jobId: string): TypedTexts {
  const known = STORES.get(jobId) ?? new TypedTexts(jobId);
  STORES.set(jobId, known);
  return known;
}

/** Forgets what a page has typed, as a reload does; the shelf keeps it. */
export const forgetTyped = (): void => STORES.clear();
