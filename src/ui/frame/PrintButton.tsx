'use client';
import { Button } from 'react-bootstrap';
import { Printer } from 'lucide-react';

export function PrintButton() {
  return (
    <Button className="no-print" onClick={() => window.print()}>
      <Printer size={18} aria-hidden="true" /> Print
    </Button>
  );
}
