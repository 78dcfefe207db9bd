'use client';
import { photoWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { Camera } from 'lucide-react';
import { useRef } from 'react';
import { useJob } from '../log/JobContext';
import { usePhotos } from './usePhotos';

interface Props {
  /** What a picture ends: the step that asks for it. */
  readonly onTaken?: (() => void) | undefined;
}

/** Takes a picture at the rung at hand; it is pinned to it, and stands with the others at Look. */
export function PhotoButton({ onTaken }: Props) {
  const { rung } = useJob();
  return rung === 'look' ? null : <TakePhoto onTaken={onTaken} />;
}

function TakePhoto({ onTaken }: Props) {
  const { add, fault, waiting } = usePhotos();
  const input = useRef<HTMLInputElement>(null);
  const words = fault ?? waiting.find(({ refused }) => refused)?.refused;
  return (
    <>
      <Button
        variant="link"
        className="undo"
        aria-label={photoWords.takeAPhotoFor}
        onClick={() => input.current?.click()}
      >
        <Camera size={16} aria-hidden="true" />{' '}
        {photoWords.photo({ waiting: waiting.length > 0 ? photoWords.waiting({ waiting: waiting.length }) : '' })}
      </Button>
      <input
        ref={input}
        type="file"
        accept="image/*"
        multiple
        hidden
        onChange={(event) => {
          const files = event.target.files ?? [];
          add(files);
          if (files.length > 0) onTaken?.();
          event.target.value = '';
        }}
      />
      {words && (
        <span className="brick small" role="alert">
          {words}
        </span>
      )}
    </>
  );
}
