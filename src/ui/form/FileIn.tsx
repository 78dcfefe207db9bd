'use client';
import { FileUp } from 'lucide-react';

interface Props {
  readonly label: string;
  /** Media types and endings, as a browser takes them. */
  readonly accept: string;
  readonly isOff?: boolean;
  readonly onFile: (file: File) => void;
}

/** Takes a file in; the same one may be picked again. */
export function FileIn({ label, accept, isOff = false, onFile }: Props) {
  return (
    <label className={isOff ? 'btn btn-secondary file disabled' : 'btn btn-secondary file'}>
      <FileUp size={18} aria-hidden="true" /> {label}
      <input
        type="file"
        accept={accept}
        disabled={isOff}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          target.value = '';
          if (file) onFile(file);
        }}
      />
    </label>
  );
}
