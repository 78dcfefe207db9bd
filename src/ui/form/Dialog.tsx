'use client';
import type { ReactNode } from 'react';
import { Modal, type ModalProps } from 'react-bootstrap';

interface Props extends Pick<ModalProps, 'size' | 'scrollable' | 'className'> {
  /** What its title is found by. */
  readonly id: string;
  readonly title: string;
  readonly isOpen?: boolean;
  /** How it is closed, and what that is called; left out: it stays until it is answered. */
  readonly close?: { readonly words: string; readonly onClose: () => void };
  readonly children: ReactNode;
}

/** What stands before a page and has the keys, under its title. */
export function Dialog({ id, title, isOpen = true, close, children, ...looks }: Props) {
  // A wide one grows with what stands in it: it begins at the top
  const isCentered = looks.size === undefined;
  const ways = close ? { onHide: close.onClose } : { backdrop: 'static' as const, keyboard: false };
  return (
    <Modal show={isOpen} aria-labelledby={id} centered={isCentered} {...ways} {...looks}>
      <Modal.Header {...(close ? { closeButton: true, closeLabel: close.words } : {})}>
        <Modal.Title as="h2" id={id}>
          {title}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>{children}</Modal.Body>
    </Modal>
  );
}
