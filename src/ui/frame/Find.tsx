'use client';
import { Form } from 'react-bootstrap';
import { useRouter } from 'next/navigation';
import { useRef } from 'react';
import { useKeys } from './useKeys';

/** Finds a site or a job on the board by the words it begins with. */
export function Find() {
  const router = useRouter();
  const input = useRef<HTMLInputElement>(null);
  useKeys({ '/': () => input.current?.focus() });
  return (
    <form
      className="find"
      role="search"
      onSubmit={(event) => {
        event.preventDefault();
        const words = input.current?.value.trim() ?? '';
        router.push(words === '' ? '/' : `/?q=${encodeURIComponent(words)}`);
      }}
    >
      <Form.Control
        ref={input}
        name="q"
        type="search"
        aria-label="Find a site or a job"
        placeholder="find a site, a job…"
      />
      <kbd aria-hidden="true">/</kbd>
    </form>
  );
}
