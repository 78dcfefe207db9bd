import { useContext, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import { JobContext } from './JobContext';
import type { Typed } from './shelf';
import { typedTextsOf } from './typedTexts';

type Texts = Readonly<Record<string, string>>;

interface Keeping {
  /** Keeps the texts of the form as they stand; null: they are written, or nothing differs from what stands. */
  readonly keep: (texts: Texts | null) => void;
}

/**
 * Lets what is typed in a form outlive the page.
 * @param form which form of the job, unlike any other
 * @param labels what its fields are called
 * @param giveBack called once with what an earlier page has left in it
 */
export function useTyped(form: string, labels: Texts, giveBack: (texts: Texts) => void): Keeping {
  const hold = useContext(JobContext);
  const store = typedTextsOf(hold?.keptJob.id ?? '');
  const { isRead, forms } = useSyncExternalStore(store.subscribe, store.snapshot, store.snapshot);
  const where = hold
    ? `?${new URLSearchParams({ point: hold.point.id, rung: hold.rung, ...(hold.area ? { area: hold.area } : {}) })}`
    : '';
  useEffect(() => store.show(form), [form, store]);
  const given = useRef<string | null>(null);
  const give = useRef(giveBack);
  useEffect(() => {
    give.current = giveBack;
  });
  useEffect(() => {
    if (!isRead || given.current === form) return;
    given.current = form;
    const texts = forms.get(form)?.texts;
    if (texts) give.current(texts);
  }, [form, forms, isRead]);
  return useMemo(
    () => ({
      keep: (texts) => {
        // What is typed from now on is newer than what was left
        given.current = form;
        if (texts) store.keep(form, where, labels, texts);
        else store.drop(form);
      },
    }),
    [form, labels, store, where],
  );
}

/** A text that a bench itself holds until it is written: one that outlives the page. */
export function useTypedText(form: string, label: string): readonly [string, (text: string) => void] {
  const [text, setText] = useState('');
  const labels = useMemo(() => ({ text: label }), [label]);
  const { keep } = useTyped(form, labels, (texts) => setText(texts.text ?? ''));
  return [
    text,
    (typed) => {
      setText(typed);
      keep(typed === '' ? null : { text: typed });
    },
  ];
}

/**
 * Whether something is typed in a form of the job at hand, for who folds that form away: it stands open then.
 * @param begins how the name of the form begins: of a group `kind/scope`, of questions `ask/point/about`
 */
export function useTypedIn(begins: string): { readonly isTyped: boolean; readonly drop: () => void } {
  const hold = useContext(JobContext);
  const store = typedTextsOf(hold?.keptJob.id ?? '');
  const { forms } = useSyncExternalStore(store.subscribe, store.snapshot, store.snapshot);
  const typed = [...forms.keys()].filter((form) => form.startsWith(begins));
  return { isTyped: typed.length > 0, drop: () => typed.forEach((form) => store.drop(form)) };
}

/** What is typed in a job and not written: all of it, and what stands in forms that are not shown now. */
export function useUnwritten(jobId: string): {
  readonly isAny: boolean;
  readonly left: readonly Typed[];
  readonly drop: (form: string) => void;
} {
  const store = typedTextsOf(jobId);
  const { forms, left } = useSyncExternalStore(store.subscribe, store.snapshot, store.snapshot);
  return { isAny: forms.size > 0, left, drop: (form) => store.drop(form) };
}
