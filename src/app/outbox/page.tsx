import { outboxWords } from '@/words/screens';
import { OutboxPage } from '@/ui/outbox/OutboxPage';

export const metadata = { title: outboxWords.outbox };

export default function Page() {
  return <OutboxPage />;
}
