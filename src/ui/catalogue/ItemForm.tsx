'use client';
import { catalogueWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import {
  SHELVES,
  itemFaults,
  readValue,
  textOf,
  valueFault,
  valueText,
  type Column,
  type Shelf,
  type ShelfId,
  type ShelvedItem,
  type Values,
} from '@/core/catalogue';
import { capital, parsed, refused, type Parsed } from '@/core/units';
import { AskForm } from '../form/AskForm';
import type { TypedField } from '../form/field';

interface Props {
  readonly shelf: ShelfId;
  /** Null for a new one. */
  readonly item: ShelvedItem | null;
  /** Comes to whether it was kept. */
  readonly onSave: (values: Values) => Promise<boolean>;
  readonly onRemove: (id: string) => void;
  readonly onClose: () => void;
}

const told = (message: string): Parsed<never> => refused({ code: 'contradicts', words: `${capital(message)}.` });

/** What all fields say, as far as each can be read by itself. */
function readAll({ columns }: Shelf, texts: Readonly<Record<string, string>>): Values {
  return Object.fromEntries(
    columns.flatMap((column) => {
      const value = readValue(column, texts[column.name] ?? '');
      return value === undefined ? [] : [[column.name, value]];
    }),
  );
}

function fieldOf(shelf: Shelf, column: Column, values: Values | null): TypedField<Values> {
  const choices = column.type === 'choice' ? column.of : column.type === 'list' ? column.of : undefined;
  return {
    name: column.name,
    label: column.words,
    shown: valueText(values?.[column.name]),
    optional: column.optional ?? false,
    ...(column.type === 'figure' ? { figure: true, unit: column.unit } : {}),
    ...(choices ? { hint: choices.join(column.type === 'choice' ? ' | ' : '; ') } : {}),
    read: (text, texts) => {
      const value = readValue(column, text);
      if (value === undefined) return parsed({});
      const wrong = valueFault(column, value);
      if (wrong !== null) return told(wrong);
      // What contradicts another field is told here too, once all of them can be read
      const stands = values ? { id: textOf(values, 'id') } : {};
      const beside = itemFaults(shelf, { ...stands, ...readAll(shelf, { ...texts, [column.name]: text }) });
      const own = beside.find(({ column: at }) => at === column.name);
      return own ? told(own.message) : parsed({ [column.name]: value });
    },
    cleared: {},
  };
}

/** An item’s figures, all at once; a shipped one that is changed becomes the firm’s own. */
export function ItemForm({ shelf, item, onSave, onRemove, onClose }: Props) {
  const described: Shelf = SHELVES[shelf];
  const id = item ? textOf(item.values, 'id') : null;
  // The id says which item it is: of one that stands it is not changed
  const asked = described.columns.filter(({ name }) => id === null || name !== 'id');
  return (
    <section
      className="item-form"
      aria-label={id === null ? catalogueWords.aNew({ one: described.one }) : textOf(item?.values ?? {}, 'name')}
    >
      <div className="head-row">
        <h2>{id === null ? catalogueWords.aNew({ one: described.one }) : textOf(item?.values ?? {}, 'name')}</h2>
        <Button variant="link" onClick={onClose}>
          {catalogueWords.close}
        </Button>
      </div>
      {id !== null && (
        <p className="small soft">
          {catalogueWords.id({
            id,
            yoursInThe: item?.own
              ? item.instead
                ? catalogueWords.yoursInThePlace
                : catalogueWords.yourOwn
              : catalogueWords.itShipsWhatYou,
          })}
        </p>
      )}
      <AskForm
        about={id ?? ''}
        closes
        fields={asked.map((column) => fieldOf(described, column, item?.values ?? null))}
        submit={catalogueWords.keepIt}
        main
        onSubmit={(data) => onSave(trimmed({ ...(id === null ? {} : { id }), ...data }))}
      />
      {item?.own && id !== null && (
        <Button variant="secondary" onClick={() => onRemove(id)}>
          {item.instead ? catalogueWords.backToWhatShips : catalogueWords.takeItAway}
        </Button>
      )}
    </section>
  );
}

/** Without lists that hold nothing: they were not said. */
const trimmed = (values: Values): Values =>
  Object.fromEntries(Object.entries(values).filter(([, value]) => typeof value !== 'object' || value.length > 0));
