import Link from 'next/link';

export default function NotFound() {
  return (
    <main id="main" className="page">
      <h1>There is nothing here</h1>
      <p>
        The job may be in another data folder. <Link href="/">Back to the board</Link>
      </p>
    </main>
  );
}
