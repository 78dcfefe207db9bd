'use client';
import { frameWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { Printer } from 'lucide-react';

export function PrintButton() {
  return (
    <Button className="no-print" onClick={() => window.print()}>
      <Printer size={18} aria-hidden="true" /> {frameWords.print}
    </Button>
  );
}
