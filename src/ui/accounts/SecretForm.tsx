'use client';
import { accountsWords } from '@/words/screens';
import { useId, useState, type ReactNode } from 'react';
import { Button, Form } from 'react-bootstrap';

export interface SecretField {
  readonly name: string;
  readonly label: string;
  readonly hint?: string;
  /** Hidden while it is typed, unless somebody asks to see it. */
  readonly secret?: boolean;
  /** What a browser’s own keeper of passphrases is told. */
  readonly autoComplete: string;
}

interface Props<N extends string> {
  readonly fields: readonly (SecretField & { readonly name: N })[];
  readonly submit: string;
  /** @returns a sentence where it was not taken */
  readonly onSend: (texts: Readonly<Record<N, string>>) => Promise<string | null>;
  readonly children?: ReactNode;
}

/** Questions whose answers are kept nowhere: neither on the browser’s shelf nor by this program. */
export function SecretForm<N extends string>({ fields, submit, onSend, children }: Props<N>) {
  const id = useId();
  const [fault, setFault] = useState<string | null>(null);
  const [isShown, setShown] = useState(false);
  const [isSending, setSending] = useState(false);
  const send = async (form: HTMLFormElement): Promise<void> => {
    const given = new FormData(form);
    const texts = Object.fromEntries(
      fields.map(({ name }) => {
        const text = given.get(name);
        return [name, typeof text === 'string' ? text : ''];
      }),
    ) as Readonly<Record<N, string>>;
    const missing = fields.find(({ name }) => texts[name] === '');
    if (missing) return setFault(accountsWords.missing({ what: missing.label }));
    setSending(true);
    try {
      const refused = await onSend(texts);
      setFault(refused);
      if (refused === null) form.reset();
    } finally {
      setSending(false);
    }
  };
  return (
    <form
      className="secret"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void send(event.currentTarget);
      }}
    >
      {children}
      {fields.map(({ name, label, hint, secret = false, autoComplete }) => (
        <Form.Group key={name} className="field" controlId={`${id}-${name}`}>
          <Form.Label>{label}</Form.Label>
          <Form.Control
            name={name}
            type={secret && !isShown ? 'password' : 'text'}
            autoComplete={autoComplete}
            autoCapitalize="none"
            spellCheck={false}
            maxLength={128}
            aria-describedby={hint ? `${id}-${name}-hint` : undefined}
          />
          {hint && (
            <span id={`${id}-${name}-hint`} className="soft small">
              {hint}
            </span>
          )}
        </Form.Group>
      ))}
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
      <div className="row-of">
        <Button type="submit" disabled={isSending}>
          {submit}
        </Button>
        {fields.some(({ secret }) => secret) && (
          <Form.Check
            id={`${id}-show`}
            type="checkbox"
            label={accountsWords.show}
            checked={isShown}
            onChange={(event) => setShown(event.target.checked)}
          />
        )}
      </div>
    </form>
  );
}
