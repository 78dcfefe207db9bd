'use client';
import { frameWords } from '@/words/screens';
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
        aria-label={frameWords.findASiteOr}
        placeholder={frameWords.findASiteA}
      />
      <kbd aria-hidden="true">/</kbd>
    </form>
  );
}
