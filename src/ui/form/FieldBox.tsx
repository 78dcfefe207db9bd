import type { ReactNode } from 'react';
import { Form, InputGroup } from 'react-bootstrap';

interface Props {
  readonly id: string;
  readonly label: ReactNode;
  readonly unit?: string | undefined;
  /** Holds a figure: in the face that aligns them. */
  readonly figure?: boolean | undefined;
  /** The program asks for just this. */
  readonly asked?: boolean | undefined;
  /** What is wrong with its text. */
  readonly fault?: ReactNode;
  /** What somebody else said. */
  readonly also?: string | undefined;
  /** The control, and what stands in its box behind the unit. */
  readonly children: ReactNode;
  readonly after?: ReactNode;
}

/** A label, its box with the unit, and under it what is wrong with the text. */
export function FieldBox({ id, label, unit, figure, asked, fault, also, children, after }: Props) {
  const state = fault ? ' wrong' : asked ? ' asked' : '';
  return (
    <Form.Group controlId={id} className={`field${state}`}>
      <Form.Label>{label}</Form.Label>
      <InputGroup className={figure ? 'figure' : ''}>
        {children}
        {unit && <InputGroup.Text aria-hidden="true">{unit}</InputGroup.Text>}
        {after}
      </InputGroup>
      {also && <div className="also">{also}</div>}
      {fault && (
        <div className="fault" id={`${id}-fault`} role="alert">
          {fault}
        </div>
      )}
    </Form.Group>
  );
}
